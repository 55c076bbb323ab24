-- A second factor (RFC 6238) for whoever sets one up, with codes for when it is lost; the sessions of each person; who asked
-- for a draft to be put live; and how the shop works.

alter table staff
    add column factor_secret varbinary(20) null,
    add column factor_step   bigint not null default 0;

create table recovery_code (
    staff_id bigint   not null,
    hash     char(64) collate utf8mb4_bin not null,
    used_at  datetime(6) null,
    primary key (staff_id, hash),
    constraint recovery_code_staff foreign key (staff_id) references staff (id)
);

create table staff_session (
    id       bigint       not null primary key,
    staff_id bigint       not null,
    begun_at datetime(6)  not null,
    seen_at  datetime(6)  not null,
    address  varchar(60)  not null,
    browser  varchar(200) not null,
    key staff_session_staff (staff_id, seen_at),
    constraint staff_session_staff foreign key (staff_id) references staff (id)
);

create table draft_request (
    draft_id bigint       not null primary key,
    version  bigint       not null,
    asked_by varchar(120) not null,
    asked_at datetime(6)  not null,
    why      varchar(500) not null,
    constraint draft_request_draft foreign key (draft_id) references draft (id) on delete cascade
);

alter table shop
    add column decimal_comma boolean not null default false,
    add column counter_open  boolean not null default true,
    add column two_eyes      boolean not null default false;

-- What somebody may beside looking; whoever was here before may everything. A session of an older epoch has ended.
alter table staff
    add column rights     varchar(40) not null default 'DRAFT,LIVE,KEEP',
    add column epoch      int         not null default 0,
    add column removed_at datetime(6) null;

-- A link that lets somebody in once: a new person, or one who takes a new password.
create table invitation (
    id        bigint                      not null primary key,
    code_hash char(64) collate utf8mb4_bin not null,
    name      varchar(120)                not null,
    rights    varchar(40)                 not null,
    staff_id  bigint                      null,
    made_by   varchar(120)                not null,
    made_at   datetime(6)                 not null,
    used_at   datetime(6)                 null,
    unique key invitation_code (code_hash),
    constraint invitation_staff foreign key (staff_id) references staff (id)
);
alter table change_entry
    modify column subject varchar(10) not null check (subject in ('CARD', 'PRICES', 'ROWS', 'ORDER', 'DEAL', 'DEAL_ORDER', 'TAX', 'BATCH', 'GOODS', 'SHOP', 'SIGN_IN', 'CODES', 'PEOPLE'));

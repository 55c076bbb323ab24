-- Orders can be priced again: what each line asked for, who asked and when, beside what a line measured, reached, saved and cost.
-- Orders of before have none of it: they are counted, and cannot be priced again. (Moments are kept to six digits, as all are: of three
-- the database's driver writes one below a tenth of a second as another.)
alter table shop_order
    add column asked longtext null,
    add column kept_at datetime(6) not null default (utc_timestamp(6)),
    add key shop_order_kept (kept_at);

alter table order_line
    add column asked longtext null,
    add column amount decimal(30, 12) null,
    add column reached decimal(30, 12) null,
    add column reduced decimal(19, 6) null,
    add column cost decimal(30, 12) null;

-- Whether orders of the counter and of the owner's own store count as one, and a bound on how much dearer orders may become.
alter table shop
    add column all_orders boolean not null default true,
    add column dearest decimal(5, 2) null;

-- Orders held against drafts: what was asked, how far it is, what came of it. Kept with the draft.
create table replay_run (
    id         bigint       not null primary key,
    kind       varchar(10)  not null,
    subject_id bigint       not null,
    number     bigint       not null,
    asked      longtext     not null check (json_valid(asked)),
    state      varchar(10)  not null check (state in ('RUNNING', 'DONE', 'CANCELLED', 'FAILED')),
    done       int          not null,
    total      int          not null,
    made_at    datetime(6)  not null,
    made_by    varchar(120) not null,
    beat_at    datetime(6)  not null,
    problem    varchar(500) not null,
    result     longtext     null,
    key replay_run_subject (kind, subject_id, id)
);

-- What everyone paid for one of each item, from when until when; how far it is kept; whether it is named beside reduced prices.
create table announced_price (
    id       bigint         not null primary key,
    sku      varchar(64)    not null,
    per      varchar(10)    not null,
    price    decimal(19, 6) not null,
    from_at  datetime(6)    not null,
    until_at datetime(6)    null,
    key announced_price_sku (sku, from_at),
    key announced_price_open (until_at, sku)
);
create table announced_until (
    id       tinyint     not null primary key check (id = 1),
    revision bigint      not null,
    swept_at datetime(6) not null
);
insert into announced_until (id, revision, swept_at) values (1, -1, '1970-01-02');
alter table shop add column lowest_named boolean not null default true;

-- Smallest margins of categories and products, instead of the shop's.
create table margin_kept (
    kind       varchar(8)    not null check (kind in ('CATEGORY', 'PRODUCT')),
    subject_id bigint        not null,
    percent    decimal(5, 2) not null,
    primary key (kind, subject_id)
);

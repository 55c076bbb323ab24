-- The revision of prices at which goods were last changed: a node reads only those anew that changed since its own book.
alter table product
    add column revision bigint not null default 0,
    add key product_revision (revision);

-- Ids for many rows at once: each value is the first of ten thousand. Far above those that are taken fifty at a time.
create sequence row_block start with 1000000000000 increment by 10000 nocache;

-- Many prices changed at once, by a sheet or an action: what it would do, what it did, and how to take it back.
create table price_batch (
    id            bigint        not null primary key,
    origin        varchar(6)    not null check (origin in ('SHEET', 'ACTION')),
    title         varchar(300)  not null,
    fingerprint   char(64) collate utf8mb4_bin null,
    kind          varchar(4)    not null check (kind in ('CSV', 'XLSX', 'ODS')),
    form          varchar(5)    not null check (form in ('POINT', 'COMMA')),
    only_shelf    boolean       not null default false,
    state         varchar(9)    not null check (state in ('READING', 'READY', 'APPLYING', 'APPLIED', 'UNDOING', 'UNDONE', 'FAILED', 'CANCELLED')),
    message       varchar(2000) not null default '',
    made_at       datetime(6)   not null,
    made_by       varchar(120)  not null,
    rows_read     int           not null default 0,
    rows_checked  int           not null default 0,
    rows_written  int           not null default 0,
    rows_total    int           not null default 0,
    added         int           not null default 0,
    changed       int           not null default 0,
    removed       int           not null default 0,
    same          int           not null default 0,
    refused       int           not null default 0,
    noted         int           not null default 0,
    cancel_asked  boolean       not null default false,
    beat_at       datetime(6)   not null,
    applied_at    datetime(6)   null,
    applied_by    varchar(120)  null,
    undone_at     datetime(6)   null,
    undone_by     varchar(120)  null,
    key price_batch_made (made_at, id),
    key price_batch_fingerprint (fingerprint)
);

-- Its rows. A price as it stands is named by what it is of: a price row (R), a product (P) or a variant (V). Additions have
-- the id that their row will get. Open days are the first and the last day, as in price_row.
create table price_batch_row (
    batch_id       bigint         not null,
    number         int            not null,
    line           int            not null,
    outcome        varchar(7)     not null check (outcome in ('ADD', 'CHANGE', 'REMOVE', 'SAME', 'REFUSED')),
    sku            varchar(200) collate utf8mb4_bin not null,
    product_id     bigint         null,
    variant_id     bigint         null,
    wish           varchar(6)     not null,
    group_id       bigint         null,
    from_pieces    int            null,
    to_pieces      int            null,
    price          decimal(19, 6) null,
    starts         date           not null default '1000-01-01',
    ends           date           not null default '9999-12-31',
    row_key        varchar(40)    null,
    target         char(1)        null check (target in ('R', 'P', 'V')),
    target_id      bigint         null,
    old_group_id   bigint         null,
    old_from       int            null,
    old_price      decimal(19, 6) null,
    old_starts     date           not null default '1000-01-01',
    old_ends       date           not null default '9999-12-31',
    refused_column varchar(10)    null,
    reason         varchar(500)   null,
    notes          text           null,
    cells          text           null check (cells is null or json_valid(cells)),
    primary key (batch_id, number),
    key price_batch_row_sku (batch_id, sku, number),
    key price_batch_row_product (product_id, batch_id),
    constraint price_batch_row_batch foreign key (batch_id) references price_batch (id) on delete cascade
);

alter table change_entry
    modify column subject varchar(10) not null check (subject in ('CARD', 'PRICES', 'ORDER', 'DEAL', 'DEAL_ORDER', 'TAX', 'BATCH', 'GOODS'));

-- A tag put on many goods or taken off them, with the goods that it changed.
create table labelling (
    id      bigint       not null primary key,
    tag     varchar(60)  not null,
    put_on  boolean      not null,
    made_by varchar(120) not null,
    undone  boolean      not null default false
);
create table labelling_product (
    labelling_id bigint not null,
    product_id   bigint not null,
    primary key (labelling_id, product_id),
    constraint labelling_product_labelling foreign key (labelling_id) references labelling (id) on delete cascade
);

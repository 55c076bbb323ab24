-- Sheets of goods beside those of prices, and which columns of a file are what.

alter table price_batch
    modify column origin varchar(6) not null check (origin in ('SHEET', 'ACTION', 'GOODS')),
    add column plan text null check (plan is null or json_valid(plan)) after form,
    add column makes mediumtext null check (makes is null or json_valid(makes)) after plan;

-- What a price sheet calls goods, so that those that are not there yet can be made.
alter table price_batch_row add column name varchar(200) not null default '' after sku;

-- A row of a goods sheet: what it says, as texts by column; how the goods stood when it was checked, and how they shall be.
create table goods_batch_row (
    batch_id       bigint       not null,
    number         int          not null,
    line           int          not null,
    outcome        varchar(7)   not null check (outcome in ('ADD', 'CHANGE', 'SAME', 'REFUSED')),
    sku            varchar(200) collate utf8mb4_bin not null,
    variant        boolean      not null default false,
    product_id     bigint       null,
    variant_id     bigint       null,
    said           mediumtext   not null check (json_valid(said)),
    was            mediumtext   null check (was is null or json_valid(was)),
    will           mediumtext   null check (will is null or json_valid(will)),
    refused_column varchar(14)  null,
    refused_value  varchar(200) collate utf8mb4_bin null,
    reason         varchar(500) null,
    notes          text         null,
    primary key (batch_id, number),
    key goods_batch_row_sku (batch_id, sku, number),
    key goods_batch_row_outcome (batch_id, outcome, variant, number),
    key goods_batch_row_product (batch_id, product_id),
    constraint goods_batch_row_batch foreign key (batch_id) references price_batch (id) on delete cascade
);

-- Categories and brands that a goods sheet made, so that they go with it.
create table goods_batch_name (
    batch_id bigint      not null,
    kind     varchar(8)  not null check (kind in ('CATEGORY', 'BRAND')),
    name_id  bigint      not null,
    primary key (batch_id, kind, name_id),
    constraint goods_batch_name_batch foreign key (batch_id) references price_batch (id) on delete cascade
);

-- What was said of the columns of files from elsewhere, by their heads.
create table sheet_columns (
    origin  varchar(6)  not null check (origin in ('SHEET', 'GOODS')),
    heads   char(64) collate utf8mb4_bin not null,
    picked  mediumtext  not null check (json_valid(picked)),
    kept_at datetime(6) not null,
    kept_by varchar(120) not null,
    primary key (origin, heads)
);

-- SKUs without regard to case: two that differ in it alone are told apart by machines, not by people.
alter table product
    add column sku_key varchar(64) collate utf8mb4_bin as (lower(sku)) virtual,
    add key product_sku_key (sku_key);
alter table variant
    add column sku_key varchar(64) collate utf8mb4_bin as (lower(sku)) virtual,
    add key variant_sku_key (sku_key);

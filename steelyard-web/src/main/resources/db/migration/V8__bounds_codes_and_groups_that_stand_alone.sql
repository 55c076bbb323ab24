-- Bounds that the owner sets for the whole shop, and what an invoice says of it. Percentages.
alter table shop
    add column most_pieces  int           not null default 1000000 check (most_pieces between 1 and 1000000),
    add column large_change decimal(5, 2) not null default 30 check (large_change > 0),
    add column hint_gives   decimal(5, 2) not null default 50 check (hint_gives between 0 and 100),
    add column address      varchar(400)  not null default '',
    add column tax_number   varchar(60)   not null default '';

-- Groups whose own price rows stand alone: everyone's rows of the product, and of its variants, do not count for them.
create table price_alone (
    product_id bigint not null,
    group_id   bigint not null,
    primary key (product_id, group_id),
    constraint price_alone_product foreign key (product_id) references product (id),
    constraint price_alone_group foreign key (group_id) references customer_group (id)
);
-- The same, wanted by a sheet; “fresh” where it was not so before the sheet was applied.
create table price_batch_alone (
    batch_id   bigint  not null,
    product_id bigint  not null,
    group_id   bigint  not null,
    fresh      boolean not null default false,
    primary key (batch_id, product_id, group_id),
    constraint price_batch_alone_batch foreign key (batch_id) references price_batch (id) on delete cascade
);

-- How many rows are odd in which way, by the words of the ways; and how many change tenfold.
alter table price_batch
    add column odd     varchar(400) not null default '',
    add column tenfold int          not null default 0;

-- Lists of codes for deals. A code is kept as it is compared; one or several uses in all, and perhaps one for each customer.
create table code_list (
    id            bigint       not null primary key,
    name          varchar(120) collate utf8mb4_bin not null,
    uses_each     int          null check (uses_each > 0),
    once_each     boolean      not null default false,
    made_at       datetime(6)  not null,
    made_by       varchar(120) not null,
    unique key code_list_name (name)
);
create table promo_code (
    id      bigint  not null primary key,
    list_id bigint  not null,
    code    varchar(40) collate utf8mb4_bin not null,
    off     boolean not null default false,
    unique key promo_code_once (code),
    key promo_code_list (list_id, id),
    constraint promo_code_list foreign key (list_id) references code_list (id) on delete cascade
);
-- A code is used when its checkout begins to be paid, and no longer where the payment is refused.
create table code_use (
    id           bigint       not null primary key,
    code_id      bigint       not null,
    checkout_key varchar(40) collate utf8mb4_bin not null,
    email        varchar(300) not null,
    unique key code_use_once (code_id, checkout_key),
    key code_use_email (code_id, email),
    key code_use_checkout (checkout_key),
    constraint code_use_code foreign key (code_id) references promo_code (id) on delete cascade
);

-- What a basket's line cost by itself when it was put in, with whose price and of how many pieces that was.
alter table basket_line
    add column seen varchar(120) null;

-- What an order's invoice says of the seller, and whether its buyer sees figures without tax.
alter table shop_order
    add column seller      longtext not null default '{}' check (json_valid(seller)),
    add column without_tax boolean  not null default false;

alter table change_entry
    modify column subject varchar(10) not null check (subject in ('CARD', 'PRICES', 'ROWS', 'ORDER', 'DEAL', 'DEAL_ORDER', 'TAX', 'BATCH', 'GOODS', 'SHOP', 'SIGN_IN', 'CODES'));

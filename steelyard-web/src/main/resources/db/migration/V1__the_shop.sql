-- One sequence for all row ids: Hibernate takes them fifty at a time, so that inserts can be batched.
create sequence row_id start with 1000 increment by 50 nocache;
create sequence order_number start with 1001 increment by 1 nocache;

create table shop (
    id                  tinyint        not null primary key check (id = 1),
    name                varchar(120)   not null,
    currency            char(3)        not null,
    zone                varchar(64)    not null,
    unit_price_decimals tinyint        not null check (unit_price_decimals between 0 and 6),
    smallest_margin     decimal(5, 2)  null check (smallest_margin between 0 and 100),
    revision            bigint         not null
);

create table staff (
    id            bigint       not null primary key,
    sign_in       varchar(60)  not null,
    name          varchar(120) not null,
    password_hash varchar(200) not null,
    unique key staff_sign_in (sign_in)
);

create table customer_group (
    id   bigint                                 not null primary key,
    name varchar(60) collate utf8mb4_bin        not null,
    unique key customer_group_name (name)
);

create table tax_class (
    id   bigint      not null primary key,
    name varchar(60) not null,
    unique key tax_class_name (name)
);

create table brand (
    id   bigint       not null primary key,
    name varchar(120) not null,
    unique key brand_name (name)
);

create table category (
    id        bigint       not null primary key,
    parent_id bigint       null,
    name      varchar(120) not null,
    position  int          not null,
    constraint category_parent foreign key (parent_id) references category (id)
);

create table product (
    id                  bigint                          not null primary key,
    sku                 varchar(64) collate utf8mb4_bin not null,
    name                varchar(200)                    not null,
    description         varchar(2000)                   not null,
    drawing             varchar(40)                     not null,
    brand_id            bigint                          null,
    tax_class_id        bigint                          not null,
    shelf_price         decimal(19, 6)                  null check (shelf_price >= 0),
    unit_cost           decimal(19, 6)                  null check (unit_cost >= 0),
    unit_price_decimals tinyint                         null check (unit_price_decimals between 0 and 6),
    rows_over           varchar(10)                     not null check (rows_over in ('LINE', 'PRODUCT')),
    removed_at          datetime(6)                     null,
    changed_at          datetime(6)                     not null,
    changed_by          varchar(120)                    not null,
    version             bigint                          not null,
    unique key product_sku (sku),
    key product_name (name, id),
    constraint product_brand foreign key (brand_id) references brand (id),
    constraint product_tax_class foreign key (tax_class_id) references tax_class (id)
);

create table product_category (
    product_id  bigint not null,
    category_id bigint not null,
    primary key (product_id, category_id),
    key product_category_category (category_id, product_id),
    constraint product_category_product foreign key (product_id) references product (id),
    constraint product_category_category foreign key (category_id) references category (id)
);

create table variant (
    id          bigint                          not null primary key,
    product_id  bigint                          not null,
    sku         varchar(64) collate utf8mb4_bin not null,
    name        varchar(120)                    not null,
    position    int                             not null,
    shelf_price decimal(19, 6)                  null check (shelf_price >= 0),
    unit_cost   decimal(19, 6)                  null check (unit_cost >= 0),
    unique key variant_sku (sku),
    unique key variant_of_product (product_id, id),
    constraint variant_product foreign key (product_id) references product (id)
);

-- Own price rows. Two rows with the same goods, group and threshold are refused by the last key if both are undated or
-- their dates overlap; a dated row beside an undated one is allowed, since the dated one wins. Open ends are the first
-- and last day below, since a period has no empty ends.
create table price_row (
    id          bigint         not null primary key,
    product_id  bigint         not null,
    variant_id  bigint         null,
    group_id    bigint         null,
    from_pieces int            not null check (from_pieces between 1 and 1000000),
    price       decimal(19, 6) not null check (price >= 0),
    starts      date           not null default '1000-01-01',
    ends        date           not null default '9999-12-31',
    variant_key bigint as (coalesce(variant_id, 0)) stored,
    group_key   bigint as (coalesce(group_id, 0)) stored,
    dated       boolean as (starts <> '1000-01-01' or ends <> '9999-12-31') stored,
    period for validity (starts, ends),
    unique key price_row_once (product_id, variant_key, group_key, from_pieces, dated, validity without overlaps),
    constraint price_row_product foreign key (product_id) references product (id),
    constraint price_row_variant foreign key (product_id, variant_id) references variant (product_id, id),
    constraint price_row_group foreign key (group_id) references customer_group (id)
);

create table basket (
    id         bigint      not null primary key,
    token      varchar(40) collate utf8mb4_bin not null,
    group_id   bigint      null,
    day        date        null,
    touched_at datetime(6) not null,
    version    bigint      not null,
    unique key basket_token (token),
    key basket_touched (touched_at),
    constraint basket_group foreign key (group_id) references customer_group (id)
);

create table basket_line (
    id        bigint                          not null primary key,
    basket_id bigint                          not null,
    sku       varchar(64) collate utf8mb4_bin not null,
    name      varchar(400)                    not null,
    quantity  int                             not null check (quantity between 1 and 1000000),
    unique key basket_line_sku (basket_id, sku),
    constraint basket_line_basket foreign key (basket_id) references basket (id) on delete cascade
);

create table shop_order (
    id                bigint         not null primary key,
    number            varchar(20)    not null,
    checkout_key      varchar(40) collate utf8mb4_bin not null,
    placed_at         datetime(6)    not null,
    priced_for        varchar(60)    null,
    priced_on         date           not null,
    buyer             varchar(120)   not null,
    email             varchar(254)   not null,
    currency          char(3)        not null,
    minor_digits      tinyint        not null,
    total             decimal(19, 6) not null,
    payment_reference varchar(60)    not null,
    card_ending       char(4)        not null,
    unique key shop_order_number (number),
    unique key shop_order_checkout (checkout_key),
    key shop_order_placed (placed_at, id)
);

-- What was sold, frozen: names and figures are copies, and the product may go away.
create table order_line (
    id              bigint                          not null primary key,
    order_id        bigint                          not null,
    position        int                             not null,
    product_id      bigint                          null,
    sku             varchar(64) collate utf8mb4_bin not null,
    name            varchar(400)                    not null,
    quantity        int                             not null,
    price_per_piece decimal(19, 6)                  not null,
    piece_decimals  tinyint                         not null,
    total           decimal(19, 6)                  not null,
    card            varchar(120)                    not null,
    reckoning       longtext                        not null check (json_valid(reckoning)),
    unique key order_line_position (order_id, position),
    constraint order_line_order foreign key (order_id) references shop_order (id) on delete cascade,
    constraint order_line_product foreign key (product_id) references product (id) on delete set null
);

-- A checkout under way. Its key makes placing an order idempotent.
create table checkout (
    id           bigint         not null primary key,
    checkout_key varchar(40) collate utf8mb4_bin not null,
    basket_id    bigint         null,
    state        varchar(10)    not null check (state in ('OPEN', 'PAYING', 'PLACED')),
    attempt      int            not null,
    buyer        varchar(120)   not null,
    email        varchar(254)   not null,
    card_ending  char(4)        not null,
    total        decimal(19, 6) not null,
    frozen       longtext       not null check (json_valid(frozen)),
    version      bigint         not null,
    unique key checkout_key (checkout_key),
    constraint checkout_basket foreign key (basket_id) references basket (id) on delete set null
);

-- The books of the simulated payment service. It keeps them apart from the shop's, as a real one would.
create table simulated_payment (
    payment_key varchar(60) collate utf8mb4_bin not null primary key,
    state       varchar(10)    not null check (state in ('APPROVED', 'DECLINED', 'CANCELLED')),
    amount      decimal(19, 6) not null,
    currency    char(3)        not null,
    reference   varchar(60)    not null,
    made_at     datetime(6)    not null
);

-- Rate cards and deals are kept alike: drafts with all their versions, in an order of their own kind, and releases.
rename table rate_card to draft, rate_card_version to draft_version, card_release to draft_release;
alter table draft
    add column kind varchar(4) not null default 'CARD' check (kind in ('CARD', 'DEAL')) after id,
    add key draft_order (kind, position, id);
alter table draft_version rename column card_id to draft_id;
alter table draft_release rename column card_id to draft_id;
alter table change_entry
    modify column subject varchar(10) not null check (subject in ('CARD', 'PRICES', 'ORDER', 'DEAL', 'DEAL_ORDER', 'TAX'));

-- How prices stand to tax. Rates are by class and country; goods of a class without one are not sold there.
alter table shop
    add column prices_include_tax boolean not null default true,
    add column tax_per_line       boolean not null default false,
    add column home_country       char(2) not null default 'DE',
    add column payment_secret     char(64) null;
create table tax_rate (
    id           bigint        not null primary key,
    tax_class_id bigint        not null,
    country      char(2)       not null,
    rate         decimal(6, 3) not null check (rate between 0 and 100),
    unique key tax_rate_once (tax_class_id, country),
    constraint tax_rate_class foreign key (tax_class_id) references tax_class (id)
);
alter table customer_group
    add column sees_without_tax boolean not null default false;

-- What a basket says beside its goods. Wrong codes are counted, so that nobody finds one by guessing.
alter table basket
    add column payment           varchar(40) null,
    add column codes             longtext    not null default '[]' check (json_valid(codes)),
    add column wrong_codes       int         not null default 0,
    add column wrong_codes_since datetime(6) null,
    add column orders_placed     int         not null default 0;

-- An order's deals, tax and payment, frozen like its lines. The total is what is paid, tax included or added.
alter table shop_order
    add column country       char(2)        null,
    add column payment       varchar(40)    not null default 'card',
    add column goods_total   decimal(19, 6) null,
    add column tax_included  boolean        not null default true,
    add column tax           longtext       not null default '[]' check (json_valid(tax)),
    add column deals         longtext       not null default '[]' check (json_valid(deals)),
    add column unused_deals  longtext       not null default '[]' check (json_valid(unused_deals)),
    add column codes         longtext       not null default '[]' check (json_valid(codes)),
    add key shop_order_buyer (buyer, placed_at),
    add key shop_order_email (email, placed_at);
alter table order_line
    add column after_deals decimal(19, 6) null,
    add column tax_rate    decimal(6, 3)  null,
    add column tax         decimal(19, 6) null,
    add key order_line_sku (sku, order_id);

-- A checkout that waits for the payment service is found again, should nobody come back for it.
alter table checkout
    add column payment    varchar(40) not null default 'card',
    add column paying_since datetime(6) null,
    add column refused_why varchar(200) null,
    add key checkout_paying (state, paying_since);

-- The simulated payment service answers by calling back; until then a payment is pending.
alter table simulated_payment
    modify column state varchar(10) not null check (state in ('PENDING', 'APPROVED', 'DECLINED', 'CANCELLED')),
    add column callback varchar(400) null;

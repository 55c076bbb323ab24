-- The languages of the shop: its own first, then those that shoppers may read as well.
alter table shop
    add column languages varchar(60) not null default 'en';

-- In which language an order was read by its buyer.
alter table shop_order
    add column language varchar(8) not null default 'en';

-- Why a payment was refused is kept as a word and said in the language of whoever looks.

alter table order_line
    add column told longtext;

-- Names and descriptions of goods in languages beside the shop's own.
create table goods_wording (
    product_id  bigint       not null,
    variant_id  bigint       not null default 0,
    language    varchar(8)   not null,
    name        varchar(200) not null default '',
    description text         not null default '',
    primary key (product_id, variant_id, language),
    constraint goods_wording_product foreign key (product_id) references product (id) on delete cascade
);

-- Names of categories likewise.
create table category_wording (
    category_id bigint       not null,
    language    varchar(8)   not null,
    name        varchar(120) not null,
    primary key (category_id, language),
    constraint category_wording_category foreign key (category_id) references category (id) on delete cascade
);

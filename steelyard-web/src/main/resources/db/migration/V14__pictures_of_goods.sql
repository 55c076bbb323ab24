-- Pictures of goods, re-encoded in two sizes; equal ones are kept once. Each product has several, in an order; the first one
-- stands with the product too, since lists show it.

create table goods_picture (
    fingerprint char(64) collate utf8mb4_bin not null primary key,
    kind        varchar(4)  not null check (kind in ('jpeg', 'png')),
    width       int         not null,
    height      int         not null,
    large       mediumblob  not null,
    small       mediumblob  not null,
    made_at     datetime(6) not null
);

create table product_picture (
    product_id  bigint       not null,
    position    int          not null,
    fingerprint char(64) collate utf8mb4_bin not null,
    words       varchar(200) not null default '',
    primary key (product_id, position),
    unique key product_picture_once (product_id, fingerprint),
    constraint product_picture_product foreign key (product_id) references product (id) on delete cascade,
    constraint product_picture_picture foreign key (fingerprint) references goods_picture (fingerprint)
);

alter table product add column picture char(64) collate utf8mb4_bin null after drawing;

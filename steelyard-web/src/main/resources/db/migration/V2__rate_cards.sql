-- Rate cards in the order in which they are tried. Every edit of a draft is a version, kept for good: undo and redo are
-- new versions too, which say what to go back to and on to next.
create table rate_card (
    id         bigint       not null primary key,
    name       varchar(200) not null,
    position   int          not null,
    number     bigint       not null,
    trial      longtext     not null check (json_valid(trial)),
    changed_at datetime(6)  not null,
    changed_by varchar(120) not null,
    removed_at datetime(6)  null
);

create table rate_card_version (
    id             bigint       not null primary key,
    card_id        bigint       not null,
    number         bigint       not null,
    document       longtext     not null check (json_valid(document)),
    before_number  bigint       null,
    after_number   bigint       null,
    made_at        datetime(6)  not null,
    made_by        varchar(120) not null,
    unique key rate_card_version_number (card_id, number),
    constraint rate_card_version_card foreign key (card_id) references rate_card (id),
    constraint rate_card_version_before foreign key (card_id, before_number) references rate_card_version (card_id, number),
    constraint rate_card_version_after foreign key (card_id, after_number) references rate_card_version (card_id, number)
);

-- Uploaded pictures, re-encoded. Equal ones are kept once.
create table picture (
    id          bigint                         not null primary key,
    fingerprint char(64) collate utf8mb4_bin   not null,
    width       int                            not null,
    height      int                            not null,
    png         mediumblob                     not null,
    made_at     datetime(6)                    not null,
    unique key picture_fingerprint (fingerprint)
);

-- What else goods are told apart by, so that cards can cover them by it.
alter table product
    add column type     varchar(120) null after brand_id,
    add column supplier varchar(120) null after type;

create table product_tag (
    product_id bigint      not null,
    tag        varchar(60) not null,
    primary key (product_id, tag),
    key product_tag_tag (tag, product_id),
    constraint product_tag_product foreign key (product_id) references product (id)
);

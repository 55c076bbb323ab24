-- Keys by which the owner's own store asks: what they may, from where, how often; the key itself is kept as its hash only.
create table store_key (
    id              bigint       not null primary key,
    kind            varchar(6)   not null check (kind in ('SERVER', 'PAGE')),
    name            varchar(120) not null,
    begins          varchar(40)  not null,
    hash            char(64) collate utf8mb4_bin not null,
    customer_secret varchar(80)  null,
    rights          varchar(60)  not null,
    origins         text         not null,
    per_second      int          not null,
    burst           int          not null,
    until           date         null,
    made_by         varchar(120) not null,
    made_at         datetime(6)  not null,
    used_at         datetime(6)  null,
    taken_back_by   varchar(120) null,
    taken_back_at   datetime(6)  null,
    unique key store_key_hash (hash)
);

alter table change_entry
    modify column subject varchar(10) not null check (subject in ('CARD', 'PRICES', 'ROWS', 'ORDER', 'DEAL', 'DEAL_ORDER', 'TAX', 'BATCH', 'GOODS', 'SHOP', 'SIGN_IN', 'CODES', 'PEOPLE', 'KEYS', 'HOOKS'));

-- Keys that quotes are signed with, as JSON Web Keys; the newest signs, those before are good as long as quotes may hold.
create table signing_key (
    id      varchar(40) not null primary key,
    jwk     text        not null,
    made_at datetime(6) not null,
    key signing_key_made (made_at)
);

-- Baskets whose price was promised for a while.
create table quote (
    id          varchar(60) collate utf8mb4_bin not null primary key,
    key_name    varchar(140) not null,
    made_at     datetime(6)  not null,
    valid_until datetime(6)  not null,
    frozen      longtext     not null check (json_valid(frozen)),
    answer      longtext     not null check (json_valid(answer)),
    token       text         not null,
    order_name  varchar(60)  null,
    key quote_until (valid_until)
);

-- What was answered to requests that must not be done twice.
create table answered_once (
    key_id    bigint       not null,
    word      varchar(200) collate utf8mb4_bin not null,
    body_hash char(64)     not null,
    status    int          not null,
    answer    longtext     not null,
    made_at   datetime(6)  not null,
    primary key (key_id, word),
    key answered_once_made (made_at)
);

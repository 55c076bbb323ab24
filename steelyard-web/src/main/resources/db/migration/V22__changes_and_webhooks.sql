-- Which revision of prices changed goods only, and which everything; what a store may have missed is told from it.
create table price_change (
    revision bigint      not null primary key,
    goods    boolean     not null,
    made_at  datetime(6) not null
);

-- What is to be told to the world, written by whoever causes it, in their transaction; sent once it is due.
create table outbox (
    id      bigint      not null auto_increment primary key,
    type    varchar(40) not null,
    data    longtext    not null check (json_valid(data)),
    made_at datetime(6) not null,
    due_at  datetime(6) not null,
    key outbox_due (due_at, id)
);

-- Addresses of the owner's own store that want to be told.
create table webhook (
    id            bigint       not null primary key,
    address       varchar(500) not null,
    secret        varchar(80)  not null,
    events        varchar(200) not null,
    made_by       varchar(120) not null,
    made_at       datetime(6)  not null,
    failing_since datetime(6)  null,
    paused_at     datetime(6)  null,
    paused_why    varchar(300) not null default '',
    removed_at    datetime(6)  null
);

create table webhook_message (
    id      varchar(60) collate utf8mb4_bin not null primary key,
    type    varchar(40) not null,
    body    longtext    not null check (json_valid(body)),
    made_at datetime(6) not null,
    key webhook_message_made (made_at)
);

-- One message to one address.
create table webhook_delivery (
    id         bigint       not null primary key,
    webhook_id bigint       not null,
    message_id varchar(60) collate utf8mb4_bin not null,
    state      varchar(10)  not null check (state in ('WAITING', 'TAKEN', 'LEFT')),
    tries      int          not null,
    next_at    datetime(6)  not null,
    tried_at   datetime(6)  null,
    status     int          null,
    answer     varchar(500) not null default '',
    key webhook_delivery_next (state, next_at),
    key webhook_delivery_hook (webhook_id, id),
    constraint webhook_delivery_hook foreign key (webhook_id) references webhook (id),
    constraint webhook_delivery_message foreign key (message_id) references webhook_message (id) on delete cascade
);

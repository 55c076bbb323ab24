-- Applications that run on this database, each seen by its beat. Times are the database's own.
create table node (
    id          varchar(200) not null primary key,
    version     varchar(40)  not null,
    revision    bigint       null,
    started_at  datetime(6)  not null,
    seen_at     datetime(6)  not null,
    stored_at   varchar(200) not null,
    clock_ahead bigint       not null
);

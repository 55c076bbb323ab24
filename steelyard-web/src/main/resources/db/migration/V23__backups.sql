-- Which node made the backup of a day, so that one of several makes it, and what became of it.
create table backup_run (
    day        date         not null primary key,
    node       varchar(120) not null,
    started_at datetime(6)  not null,
    ended_at   datetime(6)  null,
    file       varchar(500) not null default '',
    bytes      bigint       not null default 0,
    fault      varchar(500) not null default ''
);

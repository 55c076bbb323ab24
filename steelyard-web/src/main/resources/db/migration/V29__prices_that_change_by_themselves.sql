-- Up to when stores were told of prices that change with the day or the hour.
create table price_turn (
    id      tinyint     not null primary key check (id = 1),
    told_at datetime(6) not null
);
insert into price_turn (id, told_at) values (1, utc_timestamp(6));

-- Counted up by each checkout where the database is a cluster: two members that sell and change prices at once are then at odds.
alter table shop add column held bigint not null default 0;

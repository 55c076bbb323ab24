-- The ways to pay: the card service, those that are settled afterwards, and the shop's own; each on or off, for some countries
-- or groups only.

create table payment_way (
    label     varchar(60)   collate utf8mb4_bin not null primary key,
    title     varchar(60)   not null,
    position  int           not null,
    at_once   boolean       not null,
    own       boolean       not null,
    is_on     boolean       not null,
    countries varchar(2000) not null default '',
    group_ids varchar(2000) not null default ''
);

insert into payment_way (label, title, position, at_once, own, is_on) values
    ('card', 'Card', 1, true, false, true),
    ('bank transfer', 'Bank transfer', 2, false, false, true),
    ('invoice', 'Invoice', 3, false, false, true);

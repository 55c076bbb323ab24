-- Orders that the owner's own store reports: by which key, and what it charged beside what Steelyard reckons.
alter table shop_order
    modify column number varchar(60) not null,
    add column key_name varchar(140)   null,
    add column quote    varchar(60)    null,
    add column charged  decimal(19, 6) null;

alter table order_line
    add column charged decimal(19, 6) null;

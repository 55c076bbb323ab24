-- Whether whoever set the shop up has said who they are and what shop it is. Until then nothing else answers.
alter table shop
    add column begun boolean not null default true;

-- What order numbers begin with; so far it was this for all shops.
alter table shop
    add column order_prefix varchar(10) not null default '';
update shop set order_prefix = 'SM-';

-- Lots now say how far they are sold. One without a limit was sold as far as anything is.
update draft_version
   set document = json_set(document, '$.ladder.upTo', '1000000')
 where json_value(document, '$.ladder.mode') = 'lot' and json_value(document, '$.ladder.upTo') is null;

-- Pictures of options are the shop's own; one that leads elsewhere was never shown.
update draft_version
   set document = regexp_replace(document, '"picture"\\s*:\\s*"(?!/pictures/[0-9a-f]{64}\\.png"|/assets(/[A-Za-z0-9_-]+)+\\.(svg|png|webp|jpg)")[^"]*"', '"picture": null')
 where document like '%"picture"%';

-- Signing in and settings are kept in History too.
alter table change_entry
    modify column what varchar(20) not null,
    modify column subject varchar(10) not null check (subject in ('CARD', 'PRICES', 'ORDER', 'DEAL', 'DEAL_ORDER', 'TAX', 'BATCH', 'GOODS', 'SHOP', 'SIGN_IN'));

-- Whether whoever is at the counter may be another customer or there on another day; staff may.
alter table shop
    add column be_another boolean not null default false;
alter table basket
    add column by_staff boolean not null default false;

-- A payment service may call a payment as it likes.
alter table shop_order
    modify column payment_reference varchar(500) not null;

-- The counter can be looked at at another time of day as well.
alter table basket
    add column at_time time null;

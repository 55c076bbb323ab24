insert into tax_class (id, name) values (1, 'Standard');
insert into shop (id, name, currency, zone, unit_price_decimals, smallest_margin, revision, begun)
values (1, 'My shop', 'EUR', 'Europe/Berlin', 2, null, 1, false);

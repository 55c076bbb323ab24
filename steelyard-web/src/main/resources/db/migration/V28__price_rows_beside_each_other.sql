-- Rows of one of the goods lie beside each other, so that those of many goods are read in one go: by the index they were looked
-- up one by one, which took five times as long.
alter table price_row
    drop primary key,
    add primary key (product_id, id),
    add unique key price_row_id (id);

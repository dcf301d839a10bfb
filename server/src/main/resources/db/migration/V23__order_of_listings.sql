-- The order lists are read in, made once they are filled.
create index listing_order on listing (place, news, live_at desc, item_key);
create index listing_item on listing (item_key);

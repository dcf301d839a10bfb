-- The order lists are read in, made once they are filled.
create index listing_order on listing (place, news, live_at desc, item_key);

-- The addresses of an item, which each save asks for.
create index site_address_item on site_address (item_key);

-- Lists read backwards, for the item that came next.
create index listing_back on listing (place, news, live_at, item_key desc);

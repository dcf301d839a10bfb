-- Placeholders that the site has defined, as JSON; empty where there are none.
alter table site_setting add column merge_fields text default '' not null;

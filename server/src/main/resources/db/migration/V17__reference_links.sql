-- Codes in texts that lead somewhere, as JSON; empty where there are none.
alter table site_setting add column reference_links text default '' not null;

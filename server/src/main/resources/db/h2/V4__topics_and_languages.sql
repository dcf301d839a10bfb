-- What items within a section can be about, as JSON.
alter table section add column topics clob default '[]' not null;

alter table item add column topics varchar(4000) default '' not null;
alter table live_copy add column topics varchar(4000) default '' not null;

-- The language an item is written in; empty for the site's own.
alter table item add column language varchar(40) default '' not null;
alter table live_copy add column language varchar(40) default '' not null;

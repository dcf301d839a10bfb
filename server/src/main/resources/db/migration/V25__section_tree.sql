-- Sections as a tree: where one stands, its own part of addresses, and what its page shows.
alter table section add column parent varchar(80) default '' not null;
alter table section add column step varchar(255) default '' not null;
alter table section add column picture varchar(255) default '' not null;
alter table section add column list_order varchar(20) default 'NEWEST' not null;
alter table section add column picked text default '[]' not null;
alter table section add column page_size integer default 20 not null;
alter table section add column composed varchar(80) default '' not null;
alter table section add column listed boolean default true not null;
alter table section add column publishers text default '[]' not null;
-- A section that was given up stays, so that its addresses lead to where its items went.
alter table section add column gone_to varchar(80);
update section set step = slug;

-- Which section an address belongs to, or belonged to once.
alter table site_address add column section varchar(80);
update site_address set section = substring(path from 2) where item_key is null;

-- Items of a section without a topic are listed together.
insert into listing (place, item_key, news, live_at)
select 't:' || l.section || '/', p.item_key, p.news, p.live_at
from listing p join live_copy l on l.item_key = p.item_key
where p.place = '' and l.topics = '' and l.section <> ''
  and not exists (select 1 from listing q where q.item_key = p.item_key and q.place = 't:' || l.section || '/');

alter table site_setting add column menus text default '' not null;
alter table site_setting add column front varchar(80) default '' not null;
alter table site_setting add column front_listed boolean default true not null;

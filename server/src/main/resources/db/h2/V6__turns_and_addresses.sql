-- When a change of a live item was sent for review; readers keep what is live meanwhile.
alter table item add column change_sent_at timestamp with time zone;

-- Who gave an item back to the person it belongs to; empty while nobody has.
alter table item add column given_back_by varchar(200) default '' not null;

-- Whose change the last one was; 0 where nobody noted it.
alter table item add column changed_by_id bigint default 0 not null;

-- An address belongs to one item or section only. It is reserved as soon as it is taken, and kept for good once readers
-- could have noted it down.
alter table site_address alter column item_key varchar(80) null;
alter table site_address add column was_live boolean default true not null;

insert into site_address (path, item_key, was_live)
select path, min(item_key), false from (
  select case when section = '' then '/' || slug else '/' || section || '/' || slug end as path, item_key
  from item where slug <> ''
) taken
where path not in (select path from site_address)
group by path;

insert into site_address (path, item_key, was_live)
select '/' || slug, null, true from section
where '/' || slug not in (select path from site_address);

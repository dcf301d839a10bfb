-- Where each live item is listed, in the order lists are read, and as much of it as lists show.
create table listing (
  place varchar(250) not null,
  item_key varchar(80) not null,
  news boolean not null,
  live_at timestamp(6) with time zone not null,
  primary key (item_key, place)
);
alter table live_copy add column brief text default '' not null;
alter table live_copy add column slug varchar(255) default '' not null;
alter table live_copy add column hidden boolean default false not null;

-- Keys of packages are longer than those made here.
alter table piece_use alter column item_key set data type varchar(80);

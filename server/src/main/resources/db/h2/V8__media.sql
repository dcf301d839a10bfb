-- How long a file plays, in milliseconds, and how many pages it has; 0 where it does not say.
alter table stored_file add column plays_millis bigint default 0 not null;
alter table stored_file add column pages int default 0 not null;

-- Whether where and with what a picture was taken stays in its file, because somebody said so.
alter table asset add column whole boolean default false not null;

-- Assets that people put together under a name.
create table asset_collection (
  asset varchar(120) not null,
  name varchar(100) not null,
  primary key (asset, name)
);

create index asset_collection_name on asset_collection (name);
create index asset_title on asset (title, name);
create index asset_expires on asset (expires_at);

-- The files that go with an item: a line for each, its asset, a tabulator, and what it is.
alter table item add column attachments varchar(50000) default '' not null;
alter table live_copy add column attachments varchar(50000) default '' not null;

-- How many bytes of files the site and each person may keep; 0 for as many as there is room for.
create table storage_quota (
  id integer primary key,
  revision bigint default 0 not null,
  site_bytes bigint default 0 not null,
  person_bytes bigint default 0 not null
);

-- Its one row is there from the beginning: of two who set it first, one has to see the other's.
insert into storage_quota (id) values (1);

-- Who brought a file; of what was there before nobody knows.
alter table stored_file add column kept_by bigint;
create index stored_file_kept_by on stored_file (kept_by);

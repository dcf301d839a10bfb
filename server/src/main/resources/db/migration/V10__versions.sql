-- A state of an item: its content in its canonical form under the SHA-256 of it. Rows never change.
create table version (
  hash varchar(64) primary key,
  written text not null,
  made_at timestamp with time zone not null,
  made_by varchar(200) not null
);

-- The working copy, and what is or was live, point at their versions; what is searched and sorted stands beside.
alter table item add column working varchar(64) references version (hash);
-- What preflight found, a line each, by which version of its rules; the worklist words it.
alter table item add column findings text;
alter table item add column findings_by int default 0 not null;
alter table live_copy add column version varchar(64) references version (hash);

-- What somebody who looks for words looks in.
create table item_words (
  item_key varchar(80) primary key,
  words text not null
);

create index item_working on item (working);
create index live_copy_version on live_copy (version);

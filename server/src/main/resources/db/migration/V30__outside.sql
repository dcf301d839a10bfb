-- What items say of themselves where readers choose between them, in small letters.
create table item_saying (
  item_key varchar(80) not null,
  said varchar(20) not null,
  words varchar(300) not null,
  primary key (item_key, said)
);
create index item_saying_words on item_saying (said, words);
-- Places elsewhere that items lead to, and how they answered; by the SHA-256 of their addresses, which may be long.
create table outside_link (
  id varchar(64) primary key,
  address varchar(4000) not null,
  host varchar(300) not null,
  ask_at timestamp(6) with time zone not null,
  asked_at timestamp(6) with time zone,
  verdict varchar(20),
  said varchar(500) not null default '',
  leads_to varchar(4000) not null default '',
  secure boolean not null default false,
  failures integer not null default 0
);
create index outside_link_ask_at on outside_link (ask_at);
create table outside_use (
  item_key varchar(80) not null,
  link varchar(64) not null,
  primary key (item_key, link)
);
create index outside_use_link on outside_use (link);

-- The lasting key by which a snippet is linked, the role it is for, and where linked ones stand.
alter table outline add column piece_key varchar(20);
update outline set piece_key = 's' || cast(id as varchar(18));
alter table outline alter column piece_key set not null;
alter table outline add constraint outline_piece_key unique (piece_key);
alter table outline add column for_role varchar(20) default '' not null;

create table piece_use (
  item_key varchar(20) not null,
  for_readers boolean not null,
  piece varchar(20) not null,
  primary key (item_key, for_readers, piece)
);
create index piece_use_piece on piece_use (piece);

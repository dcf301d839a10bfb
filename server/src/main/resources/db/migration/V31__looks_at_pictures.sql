-- What was seen in the pixels of pictures.
create table picture_look (
  hash varchar(64) primary key,
  version integer not null,
  moves_millis bigint not null,
  words boolean not null
);

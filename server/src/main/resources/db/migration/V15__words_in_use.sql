-- The keywords and authors of items, to be offered where somebody types one; made from the working copies.
create table word_in_use (
  id varchar(300) primary key,
  item_key varchar(40) not null,
  field varchar(20) not null,
  word varchar(200) not null,
  lower_word varchar(200) not null
);
create index word_in_use_item on word_in_use (item_key);
create index word_in_use_word on word_in_use (field, lower_word);

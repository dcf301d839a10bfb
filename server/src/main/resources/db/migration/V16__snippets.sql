-- Snippets stand beside outlines: kept pieces that are dropped into a text instead of beginning one.
alter table outline add column snippet boolean default false not null;
alter table outline add column shelf varchar(100) default '' not null;

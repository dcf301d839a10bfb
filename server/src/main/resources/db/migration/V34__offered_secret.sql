-- The secret of a second factor is the one that the server offered, and no other.
alter table account add column offered_secret varchar(64) default '' not null;
alter table account add column offered_at timestamp(6) with time zone;

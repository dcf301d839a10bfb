-- What somebody has looked at and found right as it is. The finding is called by what it is about, so it is back when that changes.
create table dismissal (
  item_key varchar(80) not null,
  finding varchar(120) not null,
  reason varchar(500) not null,
  dismissed_by varchar(200) not null,
  dismissed_at timestamp(6) with time zone not null,
  primary key (item_key, finding)
);

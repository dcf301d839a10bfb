-- Which tools some texts offer, as JSON of what the package writes.
create table toolset (
  name varchar(48) primary key,
  revision bigint default 0 not null,
  label_key varchar(100) not null unique,
  written text not null
);

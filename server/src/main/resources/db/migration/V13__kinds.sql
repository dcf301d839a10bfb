-- Kinds of item, as JSON of what the package writes. None at all means those that every site begins with.
create table kind (
  name varchar(40) primary key,
  revision bigint default 0 not null,
  place int not null,
  written text not null
);

update item set kind = lower(kind);
update outline set kinds = lower(kinds);
create index item_kind on item (kind);
-- Those that are to be looked over anew are found without looking through all.
create index item_findings_by on item (findings_by, item_key);

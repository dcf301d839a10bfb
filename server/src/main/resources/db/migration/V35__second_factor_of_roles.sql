-- Whom the site asks for a second factor: the names of roles, with commas between them.
create table sign_in_policy (
  id integer primary key,
  revision bigint default 0 not null,
  second_for varchar(200) default '' not null
);

-- Its one row is there from the beginning: of two who set it first, one has to see the other's.
insert into sign_in_policy (id) values (1);

-- Of two who change an asset in the same state, one does.
alter table asset add column revision bigint default 0 not null;

-- A section that is being given up goes where the first of those who wanted it said.
alter table several add column given_up varchar(80) default '' not null;

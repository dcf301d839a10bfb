-- How each person has set the editor up for themselves, as JSON, a row each.
create table own_setting (
  id varchar(80) primary key,
  account_id bigint not null,
  name varchar(40) not null,
  written text not null
);
create index own_setting_account on own_setting (account_id);

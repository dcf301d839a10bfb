-- Where readers find the site, and what a map of it needs to know of each live item.
alter table site_setting add column address varchar(250) default '' not null;

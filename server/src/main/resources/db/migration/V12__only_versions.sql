-- What V11 has carried over into versions.
alter table item alter column working set not null;
alter table item alter column findings set not null;
alter table item drop column summary;
alter table item drop column body;
alter table item drop column topics;
alter table item drop column keywords;
alter table item drop column lead_picture;
alter table item drop column attachments;
alter table item drop column next_step;
alter table live_copy alter column version set not null;
alter table live_copy drop column title;
alter table live_copy drop column summary;
alter table live_copy drop column body;
alter table live_copy drop column keywords;
alter table live_copy drop column slug;
alter table live_copy drop column lead_picture;
alter table live_copy drop column language;
alter table live_copy drop column attachments;

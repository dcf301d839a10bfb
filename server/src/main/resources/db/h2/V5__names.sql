alter table theme rename to target_terms;

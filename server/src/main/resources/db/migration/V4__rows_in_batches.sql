-- The application numbers the rows of a plan itself, a hundred at a time, so that a large plan is written in
-- batches and not row by row. The numbers of rows that are there stay well below those to come.
alter table plan_object alter column id drop identity;
create sequence plan_object_number increment by 100;
select setval('plan_object_number', (select coalesce(max(id), 0) + 1000 from plan_object));

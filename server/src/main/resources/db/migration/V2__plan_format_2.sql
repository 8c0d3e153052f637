-- Plans of format 1 cannot be read any more, and there are none in the field: their sites are emptied, which is said.
-- The demo site is loaded anew when the application starts with it.
do $$
declare
    emptied text := (select string_agg(key, ', ' order by key) from site);
begin
    if emptied is not null then
        raise warning 'bittern: plans of format 1 are not kept; emptied: %. The demo site is loaded anew.', emptied;
    end if;
end $$;

delete from journal;
delete from plan_object;
delete from site;

alter table site add column format integer not null default 2;

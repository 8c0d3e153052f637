-- Called numbers as they arrived, that matched no route when they did; they stand beside the plan. Whether one still
-- matches nothing is a matter of the plan as it is when somebody looks.
create table arrival (
    id      bigint generated always as identity primary key,
    site    text not null references site (key) on delete cascade,
    trunk   text not null,
    digits  text not null,
    times   bigint not null default 1 check (times > 0),
    last_at timestamptz not null,
    ours    boolean not null default false,
    unique (site, trunk, digits)
);

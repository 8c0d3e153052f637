create table account (
    id         bigint generated always as identity primary key,
    name       text not null unique,
    password   text not null,
    created_at timestamptz not null default now()
);

create table site (
    key     text primary key,
    version bigint not null
);

-- One row an object of a draft; the body is JSON in the shape of the plan file. It is kept as text and not as
-- jsonb, which forgets the order of keys: the order of a menu's keys and a split's cases is the technician's.
create table plan_object (
    id       bigint generated always as identity primary key,
    site     text not null references site (key),
    kind     text not null,
    key      text not null,
    number   text,
    name     text,
    body     text not null check (body::jsonb is not null),
    place    integer not null,
    version  bigint not null,
    unique (site, kind, key),
    -- Checked at the end of a transaction, so that two objects can change numbers with each other.
    constraint plan_object_number_once unique (site, number) deferrable initially deferred
);

-- Every edit with what takes it back; the row's own number is the version of the site after it.
create table journal (
    site    text not null references site (key),
    version bigint not null,
    account text not null,
    at      timestamptz not null,
    kind    text not null check (kind in ('edit', 'undo', 'redo')),
    says    text not null,
    edit    text not null check (edit::jsonb is not null),
    inverse text not null check (inverse::jsonb is not null),
    undoes  bigint,
    undone  boolean not null default false,
    primary key (site, version)
);

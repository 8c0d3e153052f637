-- An account: its password is to be changed at the next sign-in, its second factor and the last step of it that was used.
alter table account
    add column must_change   boolean not null default false,
    add column factor        bytea,
    add column factor_wanted bytea,
    add column factor_step   bigint not null default 0;

-- What an account may do: at one site, or at every site, present and to come. Who was there before may go on.
create table account_right (
    id       bigint generated always as identity primary key,
    account  text not null references account (name) on delete cascade on update cascade,
    site     text references site (key) on delete cascade,
    rights   text not null
);
create unique index account_right_once on account_right (account, coalesce(site, '*'));
insert into account_right (account, rights) select name, 'look change cut-over manage' from account;

-- What gets in once in place of the second factor; of each only the digest is kept.
create table recovery_code (
    digest  text primary key,
    account text not null references account (name) on delete cascade on update cascade
);
create index recovery_code_account on recovery_code (account);

-- Who is signed in, in which browser; of the secret that the browser shows only the digest is kept.
create table session (
    digest   text primary key,
    account  text not null references account (name) on delete cascade on update cascade,
    begun_at timestamptz not null,
    seen_at  timestamptz not null,
    address  text not null,
    browser  text not null
);
create index session_account on session (account);

-- A link that makes an account, or gives one that is there more rights; good once.
create table invitation (
    digest  text primary key,
    id      bigint generated always as identity unique,
    site    text references site (key) on delete cascade,
    rights  text not null,
    says    text not null,
    made_by text not null,
    made_at timestamptz not null,
    ends_at timestamptz not null
);

-- Machines that ask by themselves: each with a token, of which only the digest is kept, with rights and an end.
create table machine (
    name    text primary key,
    digest  text not null unique,
    site    text references site (key) on delete cascade,
    rights  text not null,
    made_by text not null,
    made_at timestamptz not null,
    ends_at timestamptz not null,
    used_at timestamptz
);

-- Sites that ask for a second factor.
alter table site
    add column asks_factor boolean not null default false;

-- What concerns who may get in and do what; without secrets.
create table security_event (
    id      bigint generated always as identity primary key,
    at      timestamptz not null,
    kind    text not null,
    account text not null,
    site    text,
    address text not null,
    says    text not null
);
create index security_event_site on security_event (site, id);
create index security_event_account on security_event (account, id);

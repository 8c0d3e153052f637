-- How many more passwords may be tried for a name, from an address, in a browser; written by the rate-limit library.
create table attempt (
    id         varchar(80) primary key,
    state      bytea,
    expires_at bigint
);

-- Browsers in which an account has signed in before: each has a secret, of which only the digest is kept.
create table known_browser (
    digest  text primary key,
    account text not null references account (name) on delete cascade on update cascade,
    seen_at timestamptz not null
);
create index known_browser_account on known_browser (account);

-- Digits of PINs that stood in what was said of edits.
update journal
set says = regexp_replace(says, '(, pin: )[0-9]{4,12}', '\1kept, not shown', 'gi')
where says ~* ', pin: [0-9]';

-- A release keeps its text and digest as they were; where fields are called otherwise since, it stands here as it is
-- read today.
create table release_today (
    site   text not null,
    number integer not null,
    plan   text not null,
    primary key (site, number),
    foreign key (site, number) references release (site, number) on delete cascade
);

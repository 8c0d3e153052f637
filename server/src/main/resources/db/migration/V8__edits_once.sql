-- What a browser calls an edit: the same wish sent again, as after an answer that was lost, is the same edit.
alter table journal add column once text;

create unique index journal_once on journal (site, account, once) where once is not null;

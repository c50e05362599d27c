-- The days of the site as they passed, and how cold somebody says a night gets.
alter table weather add column observed_csv clob;
alter table weather add column typed_night date;
alter table weather add column typed_low_c double precision;

-- How an entry came in that happened before others that were there already.
alter table entry add column afterwards boolean default false not null;
alter table entry add column broke varchar(1000);
alter table entry add column upsets varchar(4000);

-- By which edition of the rules the boats were judged last; those of before it was kept are the first.
alter table yard add column judged_by integer default 1 not null;

-- What newer rules made of a boat, until somebody has seen it.
create table judged_anew (
  boat_id uuid primary key references boat (id),
  was varchar(20) not null,
  became varchar(20) not null,
  why varchar(2000) not null
);

-- One record for a person: with an account, walking, or both. Who is gone keeps their name on what they entered.
alter table person alter column role set null;
alter table person alter column password_hash set null;
alter table person add column standing varchar(10) default 'ACTIVE' not null;
-- What the name looks like: two that look alike are one. Worked out at the next start.
alter table person add column looks_like varchar(200);
update person set looks_like = cast(id as varchar);
alter table person alter column looks_like set not null;
alter table person add constraint person_looks_like unique (looks_like);
-- Sessions made under an earlier one are over.
alter table person add column sessions_since integer default 0 not null;
-- By which somebody sets their own password, once. The code itself is never kept.
alter table person add column code_hash varchar(64);
alter table person add column code_until timestamp with time zone;
alter table person add constraint person_code unique (code_hash);

alter table worker add column person_id uuid;
update worker set person_id = (
  select person.id from person where lower(person.name) = lower(worker.name)
  order by case when person.name = worker.name then 0 else 1 end, person.id fetch first 1 row only);
insert into person (id, name, role, password_hash, standing, looks_like, version)
  select id, name, null, null, 'WALKS', cast(id as varchar), 0 from worker where person_id is null;
update worker set person_id = id where person_id is null;
alter table worker alter column person_id set not null;
alter table worker add constraint worker_person foreign key (person_id) references person (id);
alter table worker add constraint worker_once unique (person_id);
alter table worker drop column name;

-- Devices on which somebody has signed in before: others who guess do not lock them out there.
create table known_device (
  id uuid primary key,
  person_id uuid not null references person (id) on delete cascade,
  key_hash varchar(64) not null,
  used_at timestamp with time zone not null,
  constraint known_device_once unique (person_id, key_hash)
);

-- Who changed people, settings and links.
create table audit_line (
  seq bigint generated always as identity primary key,
  noted_at timestamp with time zone not null,
  person varchar(40) not null,
  about varchar(20) not null,
  words varchar(400) not null
);

-- One boat to a berth.
create table berth_taken (
  berth_id uuid primary key references berth (id),
  boat_id uuid not null references boat (id),
  constraint berth_taken_boat unique (boat_id)
);
insert into berth_taken (berth_id, boat_id)
  select berth_id, cast(min(cast(boat_id as varchar)) as uuid) from boat_projection
  where berth_id in (select id from berth) group by berth_id;

-- One name and one hull id to a boat, however written; those taken twice already keep theirs.
alter table boat add column plain_name varchar(120);
update boat set plain_name = lower(name);
update boat set plain_name = plain_name || ' ' || cast(id as varchar) where id not in (
  select cast(min(cast(id as varchar)) as uuid) from boat group by lower(name));
alter table boat alter column plain_name set not null;
alter table boat add constraint boat_plain_name unique (plain_name);
alter table boat add column plain_hull_id varchar(80);
update boat set plain_hull_id = lower(hull_id) where hull_id <> '' and id in (
  select cast(min(cast(id as varchar)) as uuid) from boat group by lower(hull_id));
alter table boat add constraint boat_plain_hull_id unique (plain_hull_id);

-- Where the yard is reached: what is printed or sent leads there.
alter table yard add column address varchar(200) default '' not null;

-- The accounts of a demonstration are known to everybody: its folder never becomes a yard of one's own.
alter table yard add column demonstration boolean default false not null;
update yard set demonstration = true
  where name = 'Fennholm Yard' and exists (select 1 from person where name = 'yardhand');

alter table boat_fuel add column version bigint default 0 not null;

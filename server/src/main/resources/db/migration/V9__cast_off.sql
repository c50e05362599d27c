-- A full round of a boat with three engines says a lot at once.
alter table entry alter column fact set data type varchar(60000);

-- What a boat burns and out of which tanks, as one document.
create table boat_fuel (
  boat_id uuid primary key references boat (id),
  document varchar(4000) not null
);

-- Links by which an owner goes the round on one boat. The key itself is never kept.
create table owner_link (
  id uuid primary key,
  boat_id uuid not null references boat (id),
  key_hash varchar(64) not null unique,
  made_by varchar(120) not null,
  made_at timestamp with time zone not null,
  expires_at timestamp with time zone not null,
  withdrawn_at timestamp with time zone,
  used_at timestamp with time zone
);
create index owner_link_boat on owner_link (boat_id);

-- Who can be planned for: skills, hours, days off; the token opens their calendar feed.
create table worker (
  id uuid primary key,
  name varchar(40) not null unique,
  skills varchar(200) not null,
  starts_at int not null,
  ends_at int not null,
  weekdays varchar(7) not null,
  days_off varchar(4000) not null,
  feed_token varchar(64) not null unique,
  version bigint not null
);

-- What there is for the work: so many of each, and how many boats the lift can move in a day.
create table plan_means (
  id int primary key,
  equipment varchar(400) not null,
  lift_slots int not null,
  pause_from int not null,
  pause_to int not null,
  version bigint not null
);

-- From when on a boat may be worked on, and until when its owner was promised it.
create table boat_dates (
  boat_id uuid primary key references boat (id),
  release_on date,
  promised_on date
);

-- Plans as documents: one draft, one that people were told, and those before it.
create table season_plan (
  id uuid primary key,
  standing varchar(10) not null,
  made_at timestamp with time zone not null,
  published_at timestamp with time zone,
  published_by varchar(40),
  document clob not null
);

create index season_plan_by_standing on season_plan (standing, published_at);

create table yard (
  id int primary key,
  name varchar(80) not null,
  design_low_c double precision not null,
  margin_k double precision not null,
  policy varchar(10) not null,
  kick_allowed boolean not null,
  version bigint not null
);

create table person (
  id uuid primary key,
  name varchar(40) not null unique,
  role varchar(20) not null,
  password_hash varchar(100) not null,
  version bigint not null
);

create table area (
  id uuid primary key,
  name varchar(40) not null,
  kind varchar(10) not null,
  x_m double precision not null,
  y_m double precision not null,
  width_m double precision not null,
  height_m double precision not null
);

create table berth (
  id uuid primary key,
  area_id uuid not null references area (id),
  name varchar(20) not null unique,
  line_name varchar(10) not null,
  x_m double precision not null,
  y_m double precision not null
);

create table boat (
  id uuid primary key,
  name varchar(60) not null,
  hull_length_m double precision not null,
  layout varchar(20) not null,
  drains varchar(30) not null,
  water_used_in varchar(10) not null,
  engine_hours double precision,
  owner varchar(120) not null,
  notes varchar(2000) not null,
  version bigint not null
);

-- The log is the truth: rows are only ever added.
create table entry (
  seq bigint generated always as identity primary key,
  id uuid not null unique,
  boat_id uuid not null references boat (id),
  card_id uuid,
  step_key varchar(40),
  person varchar(40) not null,
  kind varchar(30) not null,
  fact varchar(8000) not null,
  fingerprint varchar(64) not null,
  device_time timestamp with time zone not null,
  server_time timestamp with time zone not null,
  corrects_id uuid
);

create index entry_by_boat on entry (boat_id, seq);

-- What lists need of each boat's state; rebuilt from the log, never edited.
create table boat_projection (
  boat_id uuid primary key references boat (id),
  protection varchar(20) not null,
  berth_id uuid,
  afloat boolean not null,
  loose_ends int not null,
  decision_kind varchar(30),
  decision_words varchar(2000),
  decision_action varchar(200),
  open_card_id uuid,
  entries int not null,
  changed_at timestamp with time zone
);

create table product (
  id uuid primary key,
  name varchar(60) not null unique,
  base varchar(2) not null,
  mass_fraction double precision,
  label_rating_c double precision,
  label_rates varchar(10),
  color varchar(20) not null
);

create table lot (
  id uuid primary key,
  product_id uuid not null references product (id),
  number varchar(40) not null unique,
  expires_on date
);

create table instrument (
  id uuid primary key,
  name varchar(60) not null unique,
  kind varchar(20) not null,
  scale varchar(12) not null,
  accuracy double precision not null,
  compensates_from_c double precision not null,
  compensates_to_c double precision not null
);

create table zero_check (
  id uuid primary key,
  instrument_id uuid not null references instrument (id),
  reading double precision not null,
  person varchar(40) not null,
  checked_at timestamp with time zone not null
);

create index zero_check_by_instrument on zero_check (instrument_id, checked_at);

-- From then on a second person signs for a circuit's samples; null where the yard does not ask.
alter table yard add column countersign_since timestamp with time zone;
-- Sizes of the containers descaler and antifreeze come in, liters, separated by spaces.
alter table yard add column container_liters varchar(80) default '1 5 20' not null;

-- An instrument's own curve for one product; the newest counts, older ones stay.
create table calibration (
  id uuid primary key,
  instrument_id uuid not null references instrument (id),
  product_id uuid not null references product (id),
  person varchar(40) not null,
  made_at timestamp with time zone not null,
  points varchar(4000) not null
);

create index calibration_by_instrument on calibration (instrument_id, product_id, made_at);

-- The undiluted product as it was read once at the bench, for all boats it went into.
create table jug_reading (
  id uuid primary key,
  lot_id uuid not null references lot (id),
  instrument_id uuid not null references instrument (id),
  reading double precision not null,
  person varchar(40) not null,
  read_at timestamp with time zone not null
);

create index jug_reading_by_lot on jug_reading (lot_id, instrument_id, read_at);

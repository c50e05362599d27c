-- The pieces a yard made for its boats, and what went through them last.
create table kit_piece (
  id uuid primary key,
  name varchar(60) not null,
  plain_name varchar(60) not null,
  kind varchar(20) not null,
  size varchar(60) not null,
  carried varchar(20) not null,
  carried_at timestamp(6) with time zone,
  carried_by varchar(100) not null,
  holder varchar(100) not null,
  version bigint not null,
  constraint kit_piece_name unique (plain_name)
);

-- Whether a piece fits a circuit of a boat, as somebody tried it.
create table kit_fit (
  id uuid primary key,
  piece_id uuid not null references kit_piece (id) on delete cascade,
  boat_id uuid not null references boat (id),
  circuit varchar(60) not null,
  fits boolean not null,
  said_by varchar(100) not null,
  said_at timestamp(6) with time zone not null,
  constraint kit_fit_once unique (piece_id, boat_id, circuit)
);

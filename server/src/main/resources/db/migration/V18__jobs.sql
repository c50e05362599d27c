-- What takes long, how far it is, and what is gone on with after a restart. It belongs to this machine: no archive has it.
create table job (
  id uuid primary key,
  kind varchar(20) not null,
  about character large object not null,
  person varchar(200) not null,
  begun_at timestamp with time zone not null,
  ended_at timestamp with time zone,
  state varchar(10) not null,
  done integer not null,
  total integer not null,
  words varchar(500) not null
);
create index job_by_time on job (begun_at);

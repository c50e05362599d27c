-- The units reports are written in.
alter table yard add column units varchar(10) not null default 'METRIC';

-- What was sent, by a simulated post: nothing leaves the house.
create table mail (
  id uuid primary key,
  recipient varchar(120) not null,
  subject varchar(200) not null,
  body varchar(4000) not null,
  attachment_name varchar(120),
  attachment blob,
  boat_id uuid references boat (id),
  made_by varchar(40) not null,
  made_at timestamp with time zone not null,
  sent_at timestamp with time zone
);
create index mail_by_time on mail (made_at);

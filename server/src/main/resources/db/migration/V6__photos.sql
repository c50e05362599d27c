-- Pictures taken at a step; the log says when, where and by whom.
create table photo (
  id uuid primary key,
  boat_id uuid not null,
  person varchar(40) not null,
  kept_at timestamp(6) with time zone not null,
  jpeg blob not null,
  constraint photo_of_boat foreign key (boat_id) references boat (id)
);
create index photo_boat on photo (boat_id);

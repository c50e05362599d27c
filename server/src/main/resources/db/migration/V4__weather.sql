-- The site's weather: past winters and the forecast as CSV, as they were brought in.
create table weather (
  id int primary key,
  past_csv clob,
  forecast_csv clob,
  source varchar(80) not null,
  simulated boolean not null,
  fetched_at timestamp with time zone,
  coldest_day date,
  snap_first date,
  snap_days int,
  snap_by_k double precision,
  version bigint not null
);

-- What a heated shed is never colder than; null where nothing is heated.
alter table area add column set_point_c double precision;
update area set set_point_c = 5 where heated;

-- What came onto the shelf and what was counted there. What is taken stands in the log.
create table stock_move (
  id uuid primary key,
  item varchar(80) not null,
  kind varchar(10) not null,
  quantity double precision not null,
  note varchar(200) not null,
  person varchar(40) not null,
  made_at timestamp with time zone not null
);
create index stock_move_by_item on stock_move (item, made_at);

-- Sizes things are bought in, where they are not the usual.
create table package_size (
  item varchar(80) primary key,
  quantity double precision not null
);

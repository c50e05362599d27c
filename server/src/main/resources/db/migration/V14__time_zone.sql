-- The zone of the yard's clock. Where none is kept yet, the first start fills in the one it went by so far: the machine's.
alter table yard add column time_zone varchar(60);

-- Where the trade counts an interval in two ways the yard picks; here stand those it counts the other way.
alter table yard add column others_way varchar(400) not null default '';

-- The book is searched by circuit too.
create index entry_by_circuit on entry (circuit, server_time, seq);

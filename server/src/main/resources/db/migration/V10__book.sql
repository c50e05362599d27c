-- What the book is searched by, beside boat and order.
alter table entry add column lot varchar(60);
alter table entry add column circuit varchar(60);
update entry
  set lot = regexp_substr(fact, '"lot":\{"number":"([^"]*)"', 1, 1, '', 1)
  where kind in ('FLUID_USED', 'JUG_READ', 'SAMPLE_READ');
update entry
  set circuit = regexp_substr(fact, '"circuit":"([^"]*)"', 1, 1, '', 1)
  where kind in ('FLUID_USED', 'FLUID_CAUGHT', 'DISINFECTED', 'DESCALER_USED', 'COOLANT_READ', 'CIRCUIT_SEEN',
    'COUNTERSIGNED');
create index entry_by_boat_and_time on entry (boat_id, server_time, seq);
create index entry_by_person on entry (person, server_time, seq);
create index entry_by_kind on entry (kind, server_time, seq);
create index entry_by_lot on entry (lot, server_time, seq);
create index entry_by_time on entry (server_time, seq);
create index entry_by_what_it_corrects on entry (corrects_id);

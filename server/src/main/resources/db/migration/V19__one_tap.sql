-- Entries of a step that one tap wrote together: which tap, in how many seconds the work can have been done, and whether
-- that is sooner than it can.
alter table entry add column tap uuid;
alter table entry add column tap_after integer;
alter table entry add column tap_too_soon boolean;

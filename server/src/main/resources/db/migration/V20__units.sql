-- The units a yard reads in may be mixed, and a person may read in others.
alter table yard alter column units varchar(40) not null;
alter table person add column units varchar(40);

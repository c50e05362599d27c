-- When a boat was promised to be in the water.
alter table boat_dates add column launch_on date;

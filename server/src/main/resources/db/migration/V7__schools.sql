-- Where the trade has several schools the yard picks: how belts are measured, how long a battery lives.
alter table yard add column belt_school varchar(20) not null default 'DEFLECTION';
alter table yard add column battery_years int not null default 4;

-- A boat is described by composition; the description is kept as one JSON document, with the few
-- columns beside it that lists and look-ups need.
alter table boat add column hull_id varchar(40) default '' not null;
alter table boat add column kind varchar(10) default 'POWER' not null;
alter table boat add column description varchar(60000);

update boat set description = cast(json_object(
  'name': name,
  'hullId': '',
  'kind': 'POWER',
  'hullLengthM': hull_length_m,
  'layout': 'STERNDRIVE',
  'engines': json_array(json_object(
    'position': 'CENTER',
    'fuel': 'PETROL',
    'cylinders': 8,
    'cooling': 'RAW_WATER',
    'drains': drains,
    'details': json_object('hours': engine_hours, 'oilGrade': '', 'impellerPart': '', 'coldStart': '', 'weakPoints': ''))),
  'accessories': json_object(),
  'waterUsedIn': water_used_in,
  'silty': false,
  'owner': owner,
  'notes': notes,
  'segmentChanges': json_array(),
  'fittingChanges': json_array(),
  'addedDrains': json_array()) as varchar);

alter table boat alter column description set not null;
alter table boat drop column drains;
alter table boat drop column water_used_in;
alter table boat drop column engine_hours;
alter table boat drop column owner;
alter table boat drop column notes;
create index boat_by_hull_id on boat (hull_id);

-- Cards are for more than winterizing now, and each circuit has its own way.
update entry set fact = '{"procedure":"WINTERIZE","choices":{"engine":"'
  || regexp_replace(fact, '^.*"method"\s*:\s*"([A-Z_]+)".*$', '$1') || '"}}'
  where kind = 'CARD_OPENED';

alter table area add column heated boolean default false not null;

create table yard_method (
  layout varchar(20) primary key,
  method varchar(20) not null
);

create table boat_template (
  id uuid primary key,
  name varchar(60) not null unique,
  description varchar(60000) not null
);

alter table entry alter column step_key varchar(60);

-- The fittings of each boat that are not as they should be at sea; follows the log.
create table loose_end (
  boat_id uuid not null references boat (id),
  fitting varchar(120) not null,
  name varchar(120) not null,
  state varchar(20) not null,
  state_words varchar(40) not null,
  concerns_moving boolean not null,
  keeps_ashore boolean not null,
  person varchar(40),
  set_at timestamp with time zone,
  reason varchar(2000) not null,
  primary key (boat_id, fitting)
);

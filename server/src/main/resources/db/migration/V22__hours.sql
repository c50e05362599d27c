-- When there is light, open doors, water for the lift, a second pair of hands.
alter table plan_means add column hours varchar(600);

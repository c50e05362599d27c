-- How a second pair of hands comes to a boat, and whether minutes learned from cards are planned with.
alter table plan_means add column hands varchar(20);
alter table plan_means add column learns boolean;

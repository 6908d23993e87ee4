-- Data definition does not roll back: whatever ends half way through this file, all of it can run again.
-- Since when an oven is another (a new seal, a new thermostat): what its log taught before that is no longer believed of it.
alter table oven add column if not exists forget_before datetime(3);

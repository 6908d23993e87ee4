-- Data definition does not roll back: whatever ends half way through this file, all of it can run again.
-- An oven that is gone keeps its log, and what that has taught.
alter table oven add column if not exists put_away_at datetime(3);

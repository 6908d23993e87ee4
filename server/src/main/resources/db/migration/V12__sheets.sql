-- What is known of an evening's run sheet, for every instance: worked out by one of them for a turn that counts up whenever it is to
-- be worked out anew; whoever still works for an earlier one finds out when it writes.
create table if not exists evening_plan (
  evening_id char(36) not null primary key,
  kitchen_id int not null,
  turn int not null,
  anew boolean not null,
  worked_turn int not null default 0,
  worked_json mediumtext check (worked_json is null or json_valid(worked_json)),
  tables_made int not null default 0,
  tables_of int not null default 0,
  searching boolean not null default false,
  stopped boolean not null default false,
  alive_at datetime(3) not null,
  constraint plan_of_evening foreign key (evening_id) references evening (id) on delete cascade,
  constraint foreign key plan_of_kitchen (kitchen_id) references kitchen (id)
);
-- Counted up with every lesson that is kept, so that it and a change of the log stand in each other's way.
alter table oven add column if not exists lessons_kept int not null default 0;

-- Data definition does not roll back: whatever ends half way through this file, all of it can run again.
create table if not exists recipe (
  id char(36) not null primary key,
  version int not null,
  name varchar(120) not null,
  pieces int not null,
  bench_json text not null check (json_valid(bench_json)),
  ingredients_json text not null check (json_valid(ingredients_json)),
  steps_json text not null check (json_valid(steps_json)),
  notes varchar(2000) not null,
  original_json mediumtext check (original_json is null or json_valid(original_json)),
  changed_at datetime(3) not null,
  index recipe_by_name (name)
);

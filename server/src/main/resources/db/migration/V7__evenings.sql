-- Data definition does not roll back: whatever ends half way through this file, all of it can run again.
-- An evening as a cook wants it, and what somebody did or wants kept of its run sheet.
create table if not exists evening (
  id char(36) not null primary key,
  version int not null,
  revision bigint not null default 0,
  name varchar(120) not null,
  serve_at datetime(3) not null,
  input_json mediumtext not null check (json_valid(input_json)),
  kept_json text not null check (json_valid(kept_json)),
  index evening_by_moment (serve_at)
);
create table if not exists evening_move (
  id char(36) not null primary key,
  evening_id char(36) not null,
  kind varchar(12) not null,
  step varchar(120) not null,
  at datetime(3) not null,
  bake_id char(36),
  undone boolean not null,
  constraint move_of_evening foreign key (evening_id) references evening (id) on delete cascade,
  index move_by_evening (evening_id, at)
);

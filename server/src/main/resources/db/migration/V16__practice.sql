-- Data definition does not roll back: whatever ends half way through this file, all of it can run again.
-- Rounds of practice: what was done in each, and what came of it. Nothing of it is a bake.
create table if not exists practice_round (
  id char(36) not null primary key,
  kitchen_id int not null,
  skill varchar(16) not null,
  began_at datetime(3) not null,
  moves_json text not null,
  given double,
  over_at datetime(3),
  off_by double,
  missed double,
  looked_late_min double,
  person_id char(36),
  screen_id char(36),
  index practice_round_over (kitchen_id, over_at),
  constraint foreign key practice_round_of_kitchen (kitchen_id) references kitchen (id)
);

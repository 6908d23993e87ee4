-- Data definition does not roll back: whatever ends half way through this file, all of it can run again.
-- What a bake has told beside what it told of its oven. What was learned by an earlier way of learning is worked out anew by and by.
alter table bake
  add column if not exists lesson_way int,
  add column if not exists told_log double,
  add column if not exists told_variance double,
  add column if not exists told_per_offset double,
  add column if not exists told_per_film double,
  add column if not exists told_per_thickness double,
  add column if not exists told_per_kelvin double,
  add column if not exists told_probe varchar(60);
-- Which of a kitchen's habits is not to be believed.
create table if not exists habit_off (
  kitchen_id int not null,
  about varchar(16) not null,
  whose varchar(60) not null,
  primary key (kitchen_id, about, whose),
  constraint foreign key habit_off_of_kitchen (kitchen_id) references kitchen (id)
);
-- What a kitchen notes of a fish, a dish or an oven.
create table if not exists house_note (
  id char(36) not null primary key,
  kitchen_id int not null,
  about varchar(8) not null,
  whose varchar(60) not null,
  words varchar(500) not null,
  written_at datetime(3) not null,
  person_id char(36),
  screen_id char(36),
  constraint foreign key house_note_of_kitchen (kitchen_id) references kitchen (id)
);

-- Data definition does not roll back: whatever ends half way through this file, all of it can run again.
create table if not exists oven (
  id int not null auto_increment primary key,
  name varchar(60) not null,
  kind varchar(20) not null,
  constraint oven_name unique (name)
);

create table if not exists bake (
  id char(36) not null primary key,
  version int not null,
  title varchar(120) not null,
  oven_id int not null,
  question_json text not null check (json_valid(question_json)),
  thickness_mm decimal(5, 1) not null,
  dial_celsius decimal(4, 1) not null,
  target_celsius decimal(4, 1) not null,
  predicted_min decimal(6, 2) not null,
  check_from_min decimal(6, 2) not null,
  likely_min decimal(6, 2) not null,
  no_later_than_min decimal(6, 2) not null,
  rest_min decimal(5, 2) not null,
  started_at datetime(3) not null,
  out_at datetime(3),
  logged_at datetime(3),
  verdict varchar(10),
  probe_celsius decimal(4, 1),
  note varchar(500),
  constraint bake_oven foreign key (oven_id) references oven (id),
  index bake_by_start (started_at),
  index bake_by_logged (logged_at)
);

create table if not exists loaded_once (
  name varchar(40) not null primary key,
  loaded_at datetime(3) not null
);

-- Data definition does not roll back: whatever ends half way through this file, all of it can run again.
alter table bake
  add column if not exists revision bigint not null default 0,
  add column if not exists trusting_min decimal(6, 2) not null default 0,
  add column if not exists cleared_at datetime(3),
  add column if not exists lesson_offset_celsius double,
  add column if not exists lesson_offset_doubt_celsius double,
  add column if not exists lesson_log_film double,
  add column if not exists lesson_log_film_doubt double,
  add index if not exists bake_by_oven (oven_id, logged_at);

update bake set trusting_min = likely_min;

alter table oven
  add column if not exists sensor varchar(40),
  add column if not exists lessons int not null default 0,
  add column if not exists offset_celsius double not null default 0,
  add column if not exists offset_doubt_celsius double not null default 10,
  add column if not exists log_film double not null default 0,
  add column if not exists log_film_doubt double not null default 0.15;

create table if not exists tap (
  id char(36) not null primary key,
  bake_id char(36) not null,
  kind varchar(20) not null,
  at datetime(3) not null,
  cue varchar(30),
  celsius decimal(5, 1),
  number int,
  undone boolean not null default false,
  constraint tap_bake foreign key (bake_id) references bake (id) on delete cascade,
  index tap_by_bake (bake_id, at)
);

create table if not exists probe_use (
  bake_id char(36) not null primary key,
  device varchar(40) not null,
  since datetime(3) not null,
  until datetime(3),
  constraint probe_use_bake foreign key (bake_id) references bake (id) on delete cascade,
  index probe_use_by_device (device)
);

create table if not exists reading (
  device varchar(40) not null,
  channel varchar(4) not null,
  at datetime(3) not null,
  celsius decimal(5, 1) not null,
  battery tinyint,
  primary key (device, channel, at)
);

create table if not exists photo (
  bake_id char(36) not null primary key,
  jpeg longblob not null,
  taken_at datetime(3) not null,
  constraint photo_bake foreign key (bake_id) references bake (id) on delete cascade
);

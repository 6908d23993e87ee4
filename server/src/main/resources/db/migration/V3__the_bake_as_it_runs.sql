alter table bake
  add column revision bigint not null default 0,
  add column trusting_min decimal(6, 2) not null default 0,
  add column cleared_at datetime(3),
  add column lesson_offset_celsius double,
  add column lesson_offset_doubt_celsius double,
  add column lesson_log_film double,
  add column lesson_log_film_doubt double,
  add index bake_by_oven (oven_id, logged_at);

update bake set trusting_min = likely_min;

alter table oven
  add column sensor varchar(40),
  add column lessons int not null default 0,
  add column offset_celsius double not null default 0,
  add column offset_doubt_celsius double not null default 10,
  add column log_film double not null default 0,
  add column log_film_doubt double not null default 0.15;

create table tap (
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

create table probe_use (
  bake_id char(36) not null primary key,
  device varchar(40) not null,
  since datetime(3) not null,
  until datetime(3),
  constraint probe_use_bake foreign key (bake_id) references bake (id) on delete cascade,
  index probe_use_by_device (device)
);

create table reading (
  device varchar(40) not null,
  channel varchar(4) not null,
  at datetime(3) not null,
  celsius decimal(5, 1) not null,
  battery tinyint,
  primary key (device, channel, at)
);

create table photo (
  bake_id char(36) not null primary key,
  jpeg longblob not null,
  taken_at datetime(3) not null,
  constraint photo_bake foreign key (bake_id) references bake (id) on delete cascade
);

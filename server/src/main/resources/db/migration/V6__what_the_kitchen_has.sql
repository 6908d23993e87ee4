-- Data definition does not roll back: whatever ends half way through this file, all of it can run again.
-- Fish that are not in the table, and what the kitchen bakes in. Bakes and recipes keep their own copies.
create table if not exists own_fish (
  id char(36) not null primary key,
  name varchar(60) not null,
  closest varchar(40) not null,
  build varchar(20) not null,
  fat_percent double not null,
  unique index own_fish_by_name (name)
);
create table if not exists own_vessel (
  id char(36) not null primary key,
  name varchar(60) not null,
  ware varchar(20) not null,
  length_mm double not null,
  width_mm double not null,
  unique index own_vessel_by_name (name)
);

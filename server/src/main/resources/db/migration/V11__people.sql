-- Data definition does not roll back: whatever ends half way through this file, all of it can run again.
-- Whoever taps at a screen that several hands use says who it is by a PIN, of which only a hash is kept. Who it was stays with the tap, also once nobody is called so any longer.
create table if not exists person (
  id char(36) not null primary key,
  kitchen_id int not null,
  name varchar(60) not null,
  role varchar(16) not null,
  pin_hash varchar(200) not null,
  wrong_pins int not null,
  shut_until datetime(3),
  removed_at datetime(3),
  present varchar(60) as (if(removed_at is null, name, null)) persistent,
  unique index person_by_name (kitchen_id, present),
  constraint foreign key person_of_kitchen (kitchen_id) references kitchen (id)
);
alter table screen add column if not exists shared boolean not null default false;
alter table invitation add column if not exists shared boolean not null default false;
alter table tap
  add column if not exists person_id char(36),
  add column if not exists screen_id char(36);
alter table evening_move
  add column if not exists person_id char(36),
  add column if not exists screen_id char(36);
alter table bake
  add column if not exists person_id char(36),
  add column if not exists screen_id char(36),
  add column if not exists said_person_id char(36),
  add column if not exists said_screen_id char(36);

-- As Spring Session wants them (published: its schema-mysql.sql).
create table if not exists SPRING_SESSION (
  PRIMARY_ID char(36) not null primary key,
  SESSION_ID char(36) not null,
  CREATION_TIME bigint not null,
  LAST_ACCESS_TIME bigint not null,
  MAX_INACTIVE_INTERVAL int not null,
  EXPIRY_TIME bigint not null,
  PRINCIPAL_NAME varchar(100),
  unique index SPRING_SESSION_IX1 (SESSION_ID),
  index SPRING_SESSION_IX2 (EXPIRY_TIME),
  index SPRING_SESSION_IX3 (PRINCIPAL_NAME)
);
create table if not exists SPRING_SESSION_ATTRIBUTES (
  SESSION_PRIMARY_ID char(36) not null,
  ATTRIBUTE_NAME varchar(200) not null,
  ATTRIBUTE_BYTES blob not null,
  primary key (SESSION_PRIMARY_ID, ATTRIBUTE_NAME),
  constraint SPRING_SESSION_ATTRIBUTES_FK foreign key (SESSION_PRIMARY_ID) references SPRING_SESSION (PRIMARY_ID) on delete cascade
);

-- Data definition does not roll back: whatever ends half way through this file, all of it can run again.
-- Keys with which thermometers push readings from the network. Of a key only its hash is kept.
create table if not exists device_key (
  id char(36) not null primary key,
  device varchar(40) not null,
  key_hash char(64) not null,
  given_at datetime(3) not null,
  unique index device_key_by_hash (key_hash)
);

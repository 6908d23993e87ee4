-- Data definition does not roll back: whatever ends half way through this file, all of it can run again.
-- Screens that have been let in from the network, and codes by which another is. Of a key or a code only its hash is kept.
create table if not exists screen (
  id char(36) not null primary key,
  name varchar(60) not null,
  role varchar(16) not null,
  key_hash char(64) not null,
  paired_at datetime(3) not null,
  seen_at datetime(3) not null,
  removed_at datetime(3),
  unique index screen_by_key (key_hash),
  index screen_by_removal (removed_at)
);
create table if not exists invitation (
  id char(36) not null primary key,
  role varchar(16) not null,
  code_hash char(64) not null,
  until datetime(3) not null,
  used_by char(36),
  unique index invitation_by_code (code_hash)
);

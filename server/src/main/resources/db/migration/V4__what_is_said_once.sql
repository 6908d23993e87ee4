-- Data definition does not roll back: whatever ends half way through this file, all of it can run again.
-- When a bake was first put in, whatever is tapped later; what follows from its taps is worked out from here.
alter table bake
  add column if not exists put_at datetime(3),
  add column if not exists enough_from_min decimal(6, 2);
update bake set put_at = started_at;
alter table bake modify column put_at datetime(3) not null;

alter table tap add column if not exists doneness varchar(20);

-- A bake that was taken back stays so, however late it is asked for again.
create table if not exists bake_gone (
  id char(36) not null primary key,
  at datetime(3) not null
);

alter table oven
  add column if not exists version int not null default 0,
  add column if not exists lessons_turn int not null default 0,
  add column if not exists falls_c_per_hour double;

-- One probe is in one bake: whoever moves it takes its row first.
create table if not exists probe (
  device varchar(40) not null primary key
);
insert ignore into probe (device) select distinct device from probe_use;
update probe_use p join bake b on b.id = p.bake_id set p.until = greatest(p.since, b.logged_at)
  where p.until is null and b.logged_at is not null;
update probe_use p
  join (select device, max(concat(since, bake_id)) as last_one from probe_use where until is null group by device) l
    on l.device = p.device
  set p.until = p.since
  where p.until is null and concat(p.since, p.bake_id) < l.last_one;
alter table probe_use
  add column if not exists in_use varchar(40) as (if(until is null, device, null)) persistent,
  add unique index if not exists probe_in_one_bake (in_use);

-- What has come since is read again, not what was read before.
alter table reading
  add column if not exists arrived_at datetime(3) not null default current_timestamp(3),
  add index if not exists reading_by_arrival (device, channel, arrived_at),
  add index if not exists reading_by_time (at);

-- Rows belong to a kitchen; those of before to the first. Nobody writes one without saying whose it is.
create table if not exists kitchen (
  id int not null auto_increment primary key,
  name varchar(60) not null,
  made_at datetime(3) not null,
  unique index kitchen_by_name (name)
);
insert ignore into kitchen (id, name, made_at) values (1, 'Kitchen', utc_timestamp(3));

alter table oven
  add column if not exists kitchen_id int not null default 1,
  drop index if exists oven_name,
  add unique index if not exists oven_by_name (kitchen_id, name),
  add constraint foreign key if not exists oven_of_kitchen (kitchen_id) references kitchen (id);
alter table oven alter column kitchen_id drop default;

alter table bake
  add column if not exists kitchen_id int not null default 1,
  add index if not exists bake_by_kitchen (kitchen_id, started_at),
  add index if not exists bake_by_log (kitchen_id, logged_at),
  add constraint foreign key if not exists bake_of_kitchen (kitchen_id) references kitchen (id);
alter table bake alter column kitchen_id drop default;

alter table tap
  add column if not exists kitchen_id int not null default 1,
  add constraint foreign key if not exists tap_of_kitchen (kitchen_id) references kitchen (id);
alter table tap alter column kitchen_id drop default;

alter table photo
  add column if not exists kitchen_id int not null default 1,
  add constraint foreign key if not exists photo_of_kitchen (kitchen_id) references kitchen (id);
alter table photo alter column kitchen_id drop default;

alter table bake_gone
  add column if not exists kitchen_id int not null default 1,
  drop primary key,
  add primary key (kitchen_id, id);
alter table bake_gone alter column kitchen_id drop default;

alter table probe
  add column if not exists kitchen_id int not null default 1,
  drop primary key,
  add primary key (kitchen_id, device);
alter table probe alter column kitchen_id drop default;

alter table probe_use
  add column if not exists kitchen_id int not null default 1,
  drop index if exists probe_in_one_bake,
  add unique index if not exists probe_in_one_of_its_bakes (kitchen_id, in_use),
  add constraint foreign key if not exists probe_use_of_kitchen (kitchen_id) references kitchen (id);
alter table probe_use alter column kitchen_id drop default;

alter table reading
  add column if not exists kitchen_id int not null default 1 first,
  drop index if exists reading_by_arrival,
  add index if not exists reading_as_it_came (kitchen_id, device, channel, arrived_at),
  drop primary key,
  add primary key (kitchen_id, device, channel, at);
alter table reading alter column kitchen_id drop default;

alter table recipe
  add column if not exists kitchen_id int not null default 1,
  drop index if exists recipe_by_name,
  add index if not exists recipe_by_kitchen (kitchen_id, name),
  add constraint foreign key if not exists recipe_of_kitchen (kitchen_id) references kitchen (id);
alter table recipe alter column kitchen_id drop default;

alter table own_fish
  add column if not exists kitchen_id int not null default 1,
  drop index if exists own_fish_by_name,
  add unique index if not exists own_fish_by_kitchen (kitchen_id, name),
  add constraint foreign key if not exists own_fish_of_kitchen (kitchen_id) references kitchen (id);
alter table own_fish alter column kitchen_id drop default;

alter table own_vessel
  add column if not exists kitchen_id int not null default 1,
  drop index if exists own_vessel_by_name,
  add unique index if not exists own_vessel_by_kitchen (kitchen_id, name),
  add constraint foreign key if not exists own_vessel_of_kitchen (kitchen_id) references kitchen (id);
alter table own_vessel alter column kitchen_id drop default;

alter table evening
  add column if not exists kitchen_id int not null default 1,
  add index if not exists evening_by_kitchen (kitchen_id, serve_at),
  add constraint foreign key if not exists evening_of_kitchen (kitchen_id) references kitchen (id);
alter table evening alter column kitchen_id drop default;

alter table evening_move
  add column if not exists kitchen_id int not null default 1,
  add constraint foreign key if not exists move_of_kitchen (kitchen_id) references kitchen (id);
alter table evening_move alter column kitchen_id drop default;

alter table screen
  add column if not exists kitchen_id int not null default 1,
  add constraint foreign key if not exists screen_of_kitchen (kitchen_id) references kitchen (id);
alter table screen alter column kitchen_id drop default;

alter table invitation
  add column if not exists kitchen_id int not null default 1,
  add constraint foreign key if not exists invitation_of_kitchen (kitchen_id) references kitchen (id);
alter table invitation alter column kitchen_id drop default;

alter table device_key
  add column if not exists kitchen_id int not null default 1,
  add constraint foreign key if not exists device_key_of_kitchen (kitchen_id) references kitchen (id);
alter table device_key alter column kitchen_id drop default;

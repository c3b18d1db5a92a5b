create table kitchen (
  id bigint not null auto_increment primary key,
  name varchar(80) not null,
  measures varchar(12) not null,
  fahrenheit boolean not null,
  altitude_m double not null,
  time_zone varchar(64) not null,
  demo boolean not null default false
);

create table account (
  id bigint not null auto_increment primary key,
  kitchen_id bigint not null,
  login varchar(80) not null,
  password_hash varchar(200) not null,
  unique key account_login (login),
  foreign key (kitchen_id) references kitchen (id)
);

create table api_token (
  id bigint not null auto_increment primary key,
  kitchen_id bigint not null,
  label varchar(80) not null,
  token_hash char(64) not null,
  scope varchar(12) not null,
  created_at datetime(3) not null,
  unique key api_token_hash (token_hash),
  foreign key (kitchen_id) references kitchen (id)
);

create table pot (
  id bigint not null auto_increment primary key,
  kitchen_id bigint not null,
  name varchar(80) not null,
  top_diameter_mm double not null,
  base_diameter_mm double not null,
  height_mm double not null,
  empty_g double not null,
  material varchar(24) not null,
  key pot_kitchen (kitchen_id),
  foreign key (kitchen_id) references kitchen (id)
);

create table burner (
  id bigint not null auto_increment primary key,
  kitchen_id bigint not null,
  name varchar(80) not null,
  net_power_w double not null,
  key burner_kitchen (kitchen_id),
  foreign key (kitchen_id) references kitchen (id)
);

create table sauce (
  id bigint not null auto_increment primary key,
  kitchen_id bigint not null,
  version int not null,
  key sauce_kitchen (kitchen_id),
  foreign key (kitchen_id) references kitchen (id)
);

create table sauce_version (
  sauce_id bigint not null,
  version int not null,
  name varchar(120) not null,
  texture varchar(12) not null,
  target_step double not null,
  served_c double not null,
  notes varchar(2000) not null,
  saved_at datetime(3) not null,
  primary key (sauce_id, version),
  foreign key (sauce_id) references sauce (id)
);

create table sauce_line (
  sauce_id bigint not null,
  version int not null,
  position int not null,
  text varchar(300) not null,
  food_id varchar(60),
  mass_g double,
  primary key (sauce_id, version, position),
  foreign key (sauce_id, version) references sauce_version (sauce_id, version)
);

-- A batch is its plan, fixed when it starts, and its events. State and the times are summaries of the events.
create table batch (
  id bigint not null auto_increment primary key,
  kitchen_id bigint not null,
  sauce_id bigint,
  sauce_version int,
  name varchar(120) not null,
  plan longtext not null,
  state varchar(12) not null,
  started_at datetime(3) not null,
  finished_at datetime(3),
  key batch_kitchen (kitchen_id, state, started_at),
  foreign key (kitchen_id) references kitchen (id)
);

-- Append only: an undo is an event.
create table batch_event (
  id bigint not null auto_increment primary key,
  kitchen_id bigint not null,
  batch_id bigint not null,
  client_key varchar(64) not null,
  happened_at datetime(3) not null,
  recorded_at datetime(3) not null,
  type varchar(16) not null,
  body text not null,
  unique key batch_event_key (batch_id, client_key),
  key batch_event_kitchen (kitchen_id, batch_id),
  foreign key (batch_id) references batch (id)
);

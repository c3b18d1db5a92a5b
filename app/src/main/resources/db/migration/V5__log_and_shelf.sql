-- What lists sort and search batches by: summaries of plan and events, which can be rebuilt from them.
alter table batch
  add column pot_name varchar(120) not null default '',
  add column minutes double,
  add column yield_ml double,
  add column step_cold double,
  add column rating int,
  add column notes text not null default '',
  add column intent varchar(12),
  -- The log's list is read from this index alone: the rows themselves are large, since each holds its plan.
  add key batch_log (kitchen_id, started_at, state, name, pot_name, sauce_id, minutes, yield_ml, step_cold, rating),
  add key batch_sauce (kitchen_id, sauce_id, state, started_at);

-- What a finished batch says of its pair and its sauce's body, and how well it was foretold: rebuilt from plan and events.
create table lesson (
  batch_id bigint not null primary key,
  kitchen_id bigint not null,
  sauce_id bigint,
  pot_name varchar(120) not null,
  burner_name varchar(120) not null,
  finished_at datetime(3) not null,
  pair_log double not null,
  pair_precision double not null,
  body_log double not null,
  body_precision double not null,
  took_min double not null,
  foretold_min double,
  foretold_low_min double,
  foretold_high_min double,
  unlearnt_min double,
  counted boolean not null default true,
  key lesson_kitchen (kitchen_id, finished_at),
  foreign key (batch_id) references batch (id)
);

-- Jars, trays and boxes of a batch.
create table container (
  id bigint not null auto_increment primary key,
  kitchen_id bigint not null,
  batch_id bigint not null,
  name varchar(120) not null,
  ml double not null,
  place varchar(12) not null,
  packed_on date not null,
  use_by date not null,
  reason varchar(300) not null default '',
  state varchar(12) not null,
  state_on date,
  why varchar(300) not null default '',
  revision int not null default 0,
  key container_kitchen (kitchen_id, state, use_by),
  foreign key (batch_id) references batch (id)
);

create table photo (
  id bigint not null auto_increment primary key,
  kitchen_id bigint not null,
  batch_id bigint not null,
  added_at datetime(3) not null,
  image mediumblob not null,
  key photo_batch (kitchen_id, batch_id),
  foreign key (batch_id) references batch (id)
);

-- What a kitchen adds to the standard larder and kit, and what a sauce knows beyond its lines.
create table kitchen_food (
  kitchen_id bigint not null,
  food_id varchar(60) not null,
  body text not null,
  changed_at datetime(3) not null,
  primary key (kitchen_id, food_id),
  foreign key (kitchen_id) references kitchen (id)
);

create table kitchen_name (
  kitchen_id bigint not null,
  words varchar(120) not null,
  food_id varchar(60) not null,
  primary key (kitchen_id, words),
  foreign key (kitchen_id) references kitchen (id)
);

create table kitchen_measure (
  kitchen_id bigint not null,
  word varchar(40) not null,
  ml double not null,
  primary key (kitchen_id, word),
  foreign key (kitchen_id) references kitchen (id)
);

create table jar (
  id bigint not null auto_increment primary key,
  kitchen_id bigint not null,
  name varchar(80) not null,
  brim_ml double not null,
  fill_ml double not null,
  count int not null,
  key jar_kitchen (kitchen_id),
  foreign key (kitchen_id) references kitchen (id)
);

create table water_test (
  id bigint not null auto_increment primary key,
  kitchen_id bigint not null,
  pot_id bigint not null,
  burner_id bigint not null,
  started_at datetime(3) not null,
  start_g double not null,
  look varchar(12) not null,
  end_g double,
  minutes double,
  pair_factor double,
  log_sd double,
  key water_test_kitchen (kitchen_id, pot_id, burner_id),
  foreign key (kitchen_id) references kitchen (id)
);

alter table pot add column corner_mm double not null default 0;
alter table pot add column lid boolean not null default true;
alter table burner add column type varchar(16) not null default 'GAS';

alter table sauce_version add column use_of varchar(16) not null default '';
alter table sauce_version add column yield_ml double;
alter table sauce_version add column tags varchar(300) not null default '';
alter table sauce_version add column stages text not null default '[]';
alter table sauce_version add column schools varchar(600) not null default '';

-- Practice pots: what stood there, and what was done and said; all else is reckoned anew from it.
create table practice_run (
  id bigint not null auto_increment primary key,
  kitchen_id bigint not null,
  account_id bigint not null,
  what varchar(20) not null,
  name varchar(120) not null,
  seed bigint not null,
  scenario mediumtext not null,
  deeds mediumtext not null,
  said mediumtext not null,
  started_at datetime(3) not null,
  ended_at datetime(3),
  score double,
  index (kitchen_id, account_id, started_at),
  foreign key (kitchen_id) references kitchen (id)
);

-- What a cook judged beside the truth, each once.
create table practice_judgement (
  id bigint not null auto_increment primary key,
  kitchen_id bigint not null,
  account_id bigint not null,
  run_id bigint not null,
  sense varchar(20) not null,
  said double not null,
  truth double not null,
  step double not null,
  index (kitchen_id, account_id, id),
  foreign key (kitchen_id) references kitchen (id),
  foreign key (run_id) references practice_run (id) on delete cascade
);

-- Whose eye forecasts of real pots may reckon with.
create table practice_consent (
  kitchen_id bigint not null,
  account_id bigint not null,
  primary key (kitchen_id, account_id),
  foreign key (kitchen_id) references kitchen (id)
);

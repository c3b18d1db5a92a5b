-- What nodes tell each other of: read within a moment, gone after a few minutes.
create table outbox (
  id bigint not null auto_increment primary key,
  at timestamp(3) not null default current_timestamp(3),
  node varchar(40) character set ascii collate ascii_bin not null,
  kind varchar(20) character set ascii collate ascii_bin not null,
  kitchen_id bigint not null,
  batch_id bigint not null,
  event_id bigint not null,
  who varchar(120) not null,
  index (at)
);

-- Upkeep is done by one node at a time.
create table shedlock (
  name varchar(64) not null primary key,
  lock_until timestamp(3) not null default current_timestamp(3),
  locked_at timestamp(3) not null default current_timestamp(3),
  locked_by varchar(255) not null
);

-- What was last told of a batch that could not wait, and who heard it: heard on one device is heard on all.
create table alarm_heard (
  batch_id bigint not null primary key,
  kitchen_id bigint not null,
  told char(64) not null,
  by_name varchar(80) not null,
  heard_at datetime(3) not null,
  key alarm_heard_kitchen (kitchen_id),
  foreign key (batch_id) references batch (id) on delete cascade
);

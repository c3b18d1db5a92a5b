-- The logs of batches that were finished long ago, each whole and compressed in one piece. A batch has its log either here or in batch_event.
create table batch_past (
  batch_id bigint not null primary key,
  kitchen_id bigint not null,
  entries int not null,
  log mediumblob not null,
  key batch_past_kitchen (kitchen_id),
  foreign key (batch_id) references batch (id)
);

-- Those that are due are found by index.
alter table batch
  add column packed boolean not null default false,
  add key batch_due (kitchen_id, packed, finished_at);

-- A batch's plan, which is large, has its own table: the log's list reads thousands of rows and no plan.
create table batch_plan (
  batch_id bigint not null primary key,
  kitchen_id bigint not null,
  plan longtext not null,
  key batch_plan_kitchen (kitchen_id),
  foreign key (batch_id) references batch (id)
);
insert into batch_plan (batch_id, kitchen_id, plan) select id, kitchen_id, plan from batch;

-- A kitchen's batches lie together, since a search goes through all of them and none of another kitchen's.
-- Words are name, pot and notes in small letters without accents, compared byte by byte; empty until the application has put a
-- batch's summary together.
alter table batch
  drop column plan,
  drop column notes,
  add column words text character set utf8mb4 collate utf8mb4_bin not null default '',
  drop primary key,
  add unique key batch_id (id),
  add primary key (kitchen_id, id),
  drop key batch_log,
  add key batch_log (kitchen_id, started_at),
  add key batch_names (kitchen_id, name),
  add key batch_pots (kitchen_id, pot_name);

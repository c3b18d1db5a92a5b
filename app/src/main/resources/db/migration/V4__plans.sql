-- A plan that is kept: its draft is JSON, since only a whole plan is ever read. serve_at is in the kitchen's own time.
create table plan (
  id bigint not null auto_increment primary key,
  kitchen_id bigint not null,
  sauce_id bigint not null,
  name varchar(120) not null,
  revision int not null,
  draft text not null,
  serve_at datetime,
  ticks text not null default '[]',
  batch_id bigint,
  saved_at datetime(3) not null,
  key plan_kitchen (kitchen_id, batch_id, serve_at),
  foreign key (kitchen_id) references kitchen (id)
);

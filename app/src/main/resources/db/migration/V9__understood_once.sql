-- What was understood of a line when it was recorded is kept with it. Foods as they were then are kept by their content,
-- so that a thousand batches of one sauce do not keep a thousand copies.
create table food_snapshot (
  kitchen_id bigint not null,
  hash char(64) character set ascii collate ascii_bin not null,
  food mediumtext not null,
  primary key (kitchen_id, hash),
  foreign key (kitchen_id) references kitchen (id)
);

-- Of what was added: text, food, grams and spread, line by line. Null where it has not been understood yet: the application
-- does that once, at its next start.
alter table batch_event add column understood mediumtext;

-- Whether all that a batch recorded has been understood; what could not be is tried again at the next start.
alter table batch add column understood boolean not null default false;

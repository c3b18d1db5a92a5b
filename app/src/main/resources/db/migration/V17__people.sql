-- A kitchen has members: who owns it, who cooks in it, who looks on. An account's own kitchen_id is where it was last; empty for nowhere.
create table member (
  kitchen_id bigint not null,
  account_id bigint not null,
  role varchar(12) not null,
  since datetime(3) not null,
  primary key (kitchen_id, account_id),
  key member_account (account_id),
  foreign key (kitchen_id) references kitchen (id),
  foreign key (account_id) references account (id)
);
insert into member (kitchen_id, account_id, role, since) select kitchen_id, id, 'OWNER', utc_timestamp(3) from account;
alter table account modify column kitchen_id bigint;

-- Words that let somebody in, or a tablet at the stove. Each works once and ends.
create table invitation (
  id bigint not null auto_increment primary key,
  kitchen_id bigint not null,
  role varchar(12) not null,
  name varchar(80) not null,
  word_hash char(64) not null,
  made_by varchar(80) not null,
  ends_at datetime(3) not null,
  unique key invitation_word (word_hash),
  key invitation_kitchen (kitchen_id),
  foreign key (kitchen_id) references kitchen (id)
);

create table stove_device (
  id bigint not null auto_increment primary key,
  kitchen_id bigint not null,
  name varchar(80) not null,
  secret_hash char(64) not null,
  paired_at datetime(3) not null,
  used_at datetime(3) not null,
  unique key stove_device_secret (secret_hash),
  key stove_device_kitchen (kitchen_id),
  foreign key (kitchen_id) references kitchen (id)
);

-- Who or what recorded something: kept with its name when it is gone itself. What was recorded before says nothing of it.
create table recorder (
  id bigint not null auto_increment primary key,
  kitchen_id bigint not null,
  kind varchar(12) not null,
  of_id bigint not null,
  name varchar(80) not null,
  unique key recorder_of (kitchen_id, kind, of_id, name),
  foreign key (kitchen_id) references kitchen (id)
);
alter table batch_event
  add column recorder_id bigint,
  add foreign key (recorder_id) references recorder (id);

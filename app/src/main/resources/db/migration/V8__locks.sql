-- Sessions held the hash of a password; from now on they do not. Everybody signs in once more.
delete from SPRING_SESSION;

-- Tokens end, and show when they were last used. Those made before last one more year.
alter table api_token
  add column expires_at datetime(3),
  add column last_used_at datetime(3);
update api_token set expires_at = utc_timestamp(3) + interval 1 year;
alter table api_token modify column expires_at datetime(3) not null;

-- How many tries are left to whoever tries passwords: buckets of Bucket4j, shared by all nodes.
create table attempt_bucket (
  id varchar(80) not null primary key,
  state varbinary(4000) not null,
  changed_at datetime(3) not null,
  key attempt_bucket_changed (changed_at)
);

-- Devices that an account has signed in from: what strangers try elsewhere does not slow these.
create table known_device (
  account_id bigint not null,
  device_hash char(64) not null,
  seen_at datetime(3) not null,
  primary key (account_id, device_hash),
  foreign key (account_id) references account (id)
);

-- The word that lets one more kitchen be set up; it is printed by the launcher and works once.
create table signup_word (
  word_hash char(64) not null primary key,
  made_at datetime(3) not null
);

-- A form that was sent is done once, however often it arrives: the same place is answered again.
create table form_once (
  kitchen_id bigint not null,
  form_key char(64) not null,
  place varchar(500),
  sent_at datetime(3) not null,
  primary key (kitchen_id, form_key),
  key form_once_sent (sent_at)
);

-- Thirty long notes did not fit.
alter table batch modify column words mediumtext character set utf8mb4 collate utf8mb4_bin not null default '';

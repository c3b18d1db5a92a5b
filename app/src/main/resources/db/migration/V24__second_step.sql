-- A code after the password: the secret that an app counts codes from.
create table second_step (
  account_id bigint not null primary key,
  secret varbinary(32) not null,
  on_since datetime(3),
  last_count bigint not null default 0,
  constraint second_step_account foreign key (account_id) references account (id)
);

-- Words on paper for the day a password or a phone is gone: only their hashes, each once.
create table paper_word (
  hash char(64) character set ascii collate ascii_bin not null primary key,
  account_id bigint not null,
  key paper_word_account (account_id),
  constraint paper_word_account foreign key (account_id) references account (id)
);

-- Whose password fitted, and whose code is still wanted.
create table half_in (
  hash char(64) character set ascii collate ascii_bin not null primary key,
  account_id bigint not null,
  ends_at datetime(3) not null,
  key half_in_ends (ends_at),
  key half_in_account (account_id),
  constraint half_in_account foreign key (account_id) references account (id)
);

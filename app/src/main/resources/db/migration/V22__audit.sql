-- Who came in, and who changed what somebody may do or took something out; kept a year.
create table audit (
  id bigint not null auto_increment primary key,
  kitchen_id bigint not null,
  account_id bigint not null,
  at datetime(3) not null,
  who varchar(120) not null,
  what varchar(30) character set ascii collate ascii_bin not null,
  about varchar(200) not null,
  index (kitchen_id, id),
  index (at),
  foreign key (kitchen_id) references kitchen (id)
);

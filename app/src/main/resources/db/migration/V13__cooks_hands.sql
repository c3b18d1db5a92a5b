-- How a cook's own hand and eye read, by kind of reading, as each finished batch showed it.
create table lesson_hand (
  batch_id bigint not null,
  kitchen_id bigint not null,
  kind varchar(20) not null,
  readings int not null,
  mean double not null,
  squares double not null,
  model_sd double not null,
  primary key (batch_id, kind),
  key lesson_hand_kitchen (kitchen_id),
  foreign key (batch_id) references lesson (batch_id) on delete cascade
);
-- Pots beside the heat go on losing water now; what finished batches taught is worked out anew at the start, as of batches without a summary.
update batch set words = '' where state = 'FINISHED';

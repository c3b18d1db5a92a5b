-- What there is in a kitchen's larder, ticked by the cook: what a rescue may stretch a sauce with.
create table kitchen_in_house (
  kitchen_id bigint not null,
  food_id varchar(60) not null,
  primary key (kitchen_id, food_id),
  foreign key (kitchen_id) references kitchen (id)
);

-- Which English a kitchen wants to read; empty for what each browser asks for. And what two devices changed at once is seen.
alter table kitchen
  add column language varchar(8) not null default '',
  add column revision int not null default 1;
alter table kitchen_food add column revision int not null default 1;

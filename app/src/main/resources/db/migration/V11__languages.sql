-- Which English a kitchen wants to read; empty for what each browser asks for.
alter table kitchen add column language varchar(8) not null default '';

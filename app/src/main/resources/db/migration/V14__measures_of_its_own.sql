-- A sauce keeps the cups and spoons it was written in; empty for those of its kitchen. A kitchen weighs in grams or ounces, whatever its cups are.
alter table sauce_version add column measures varchar(12) not null default '';
alter table kitchen add column ounces boolean not null default false;
update kitchen set ounces = true where measures = 'IMPERIAL';

-- Things are joined by their ids: another name changes nothing of what was learnt. What is in use is put away, not removed.
alter table pot
  add column retired boolean not null default false,
  add column revision int not null default 0;
alter table burner
  add column retired boolean not null default false,
  add column revision int not null default 0;
alter table jar add column revision int not null default 0;

-- Batches and lessons named pot and burner by their names. What has that name now is taken for it, the first where there are two.
alter table batch add column pot_id bigint, add column burner_id bigint;
update batch b join batch_plan p on p.batch_id = b.id set
  b.pot_id = (select min(k.id) from pot k where k.kitchen_id = b.kitchen_id and k.name = json_value(p.plan, '$.pot.name')),
  b.burner_id = (select min(k.id) from burner k where k.kitchen_id = b.kitchen_id and k.name = json_value(p.plan, '$.burner'));
alter table lesson add column pot_id bigint, add column burner_id bigint;
update lesson l join batch b on b.id = l.batch_id set l.pot_id = b.pot_id, l.burner_id = b.burner_id;
alter table lesson drop column pot_name, drop column burner_name;

-- What points to nothing: tests of pots and burners that were removed say nothing any more.
delete from water_test where pot_id not in (select id from pot) or burner_id not in (select id from burner);
update batch set sauce_id = null, sauce_version = null where sauce_id is not null and sauce_id not in (select id from sauce);
update lesson set sauce_id = null where sauce_id is not null and sauce_id not in (select id from sauce);
delete from plan where sauce_id not in (select id from sauce);
update plan set batch_id = null where batch_id is not null and batch_id not in (select id from batch);

alter table batch
  add foreign key (pot_id) references pot (id),
  add foreign key (burner_id) references burner (id),
  add foreign key (sauce_id) references sauce (id);
alter table lesson
  add foreign key (pot_id) references pot (id),
  add foreign key (burner_id) references burner (id),
  add foreign key (sauce_id) references sauce (id);
alter table water_test
  add foreign key (pot_id) references pot (id),
  add foreign key (burner_id) references burner (id);
alter table plan
  add foreign key (sauce_id) references sauce (id),
  add foreign key (batch_id) references batch (id);

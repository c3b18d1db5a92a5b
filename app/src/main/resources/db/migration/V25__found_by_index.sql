-- The demo kitchen among many, and what an account practised when it goes, are found without looking at others' rows.
alter table kitchen add key kitchen_demo (demo);
alter table practice_run add key practice_run_account (account_id);
alter table practice_judgement add key practice_judgement_account (account_id);

-- When a kitchen or an account goes for good, a week after it was asked for; empty while nobody asked.
alter table kitchen add column goes_at datetime(3);
alter table account add column goes_at datetime(3);

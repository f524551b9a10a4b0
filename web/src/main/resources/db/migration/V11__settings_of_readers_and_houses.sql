-- How each reader likes pages written and drawn, as one object; what is missing is as usual.
alter table member add column settings jsonb not null default '{}';
-- The clock of a house, where it is not the machine's.
alter table collection add column zone text;

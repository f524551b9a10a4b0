-- The chance of being right with which a trial was started, so that closed cases show how well such chances were told.
alter table case_trial add column promised double precision check (promised between 0 and 1);

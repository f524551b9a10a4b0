-- What a house aims at, and since when it learns from its own counts.
alter table collection add column aim text not null default 'CONTROL' check (aim in ('CONTROL', 'ERADICATE'));
alter table collection add column learns_since date;

-- A course holds facts; its words are made when it is read.
alter table course add column aim text not null default 'CONTROL' check (aim in ('CONTROL', 'ERADICATE'));
alter table course add column turns jsonb not null default '[]';
update course set turns = coalesce((select jsonb_agg(jsonb_build_object('means', one.means, 'gap', case when one.turn = 1 then 0 else interval_days end) order by one.turn)::jsonb
    from jsonb_array_elements_text(uses) with ordinality as one (means, turn)), '[]');
alter table course rename column clean to wash;
alter table course add column moving double precision;
alter table course add column reached boolean;
update course set reached = ends, moving = -ln(1 - least(0.999999, risk)) where risk is not null;
alter table course add column fewer double precision check (fewer between 0 and 1);
update course set fewer = 1 - risk_of_one where risk is not null;
alter table course add column left_of_one double precision check (left_of_one between 0 and 1);
update course set left_of_one = risk_of_one where risk is not null;
alter table course add column hidden_days double precision;
alter table course add column hidden_at text;
update course set hidden_stage = null;
alter table course add column cost_uses integer;
alter table course add column cost_days integer;
update course set no_cure = case when disorder in ('virus', 'vascular-wilt') then 'INCURABLE' else 'NOTHING_SUITS' end where no_cure is not null;
alter table course add column options jsonb not null default '[]';
alter table course drop column uses, drop column interval_days, drop column ends, drop column risk_of_one, drop column slow_interval,
    drop column risk_slow, drop column cost, drop column weighed;

alter table course_step drop column what, drop column terms;
alter table course_step add column wash text;
alter table course_step add column look text check (look in ('FEWER', 'NONE', 'STILL_NONE', 'DRY_CUT', 'SAME_LEAVES', 'BACK', 'OVER'));
alter table course_step add column counted integer check (counted between 0 and 1000000);
alter table course_step drop constraint course_step_phase_check;
alter table course_step add constraint course_step_phase_check
    check (phase in ('ISOLATE', 'ANTS', 'CLEAN', 'TEST', 'ACT', 'REPEAT', 'LOOK', 'RELEASE'));
update course_step set look = case phase when 'LOOK' then 'FEWER' when 'RELEASE' then 'BACK' end;

alter table contact_look drop constraint contact_look_nearness_check;
alter table contact_look add constraint contact_look_nearness_check check (nearness in ('TOUCHING', 'SHELF', 'TOOLS', 'ROOM'));

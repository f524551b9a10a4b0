-- What follows from a stop's air is worked out for all plants that stand or lately stood there.
create index happening_from_stop on happening (collection_id, from_stop) where from_stop is not null;
create index happening_to_stop on happening (collection_id, to_stop) where to_stop is not null;

-- Edit pages carry the version that they showed.
alter table collection add column version bigint not null default 0;

-- A stop keeps what was typed; what sensors measured stands in its readings, and which of the two holds is worked out. Until now measured
-- means were written over what was typed: the last typed reading is put back, and where there was none, nothing was typed.
update stop s set
    humidity_percent = (select r.humidity_percent from stop_reading r where r.stop_id = s.id and r.origin <> 'MEASURED'
        and r.humidity_percent is not null order by r.on_day desc, r.written_at desc limit 1),
    day_celsius = (select r.day_celsius from stop_reading r where r.stop_id = s.id and r.origin <> 'MEASURED'
        and r.day_celsius is not null order by r.on_day desc, r.written_at desc limit 1),
    night_celsius = (select r.night_celsius from stop_reading r where r.stop_id = s.id and r.origin <> 'MEASURED'
        and r.night_celsius is not null order by r.on_day desc, r.written_at desc limit 1),
    daily_light = (select r.daily_light from stop_reading r where r.stop_id = s.id and r.origin <> 'MEASURED'
        and r.daily_light is not null order by r.on_day desc, r.written_at desc limit 1)
    where exists (select 1 from stop_reading r where r.stop_id = s.id and r.origin = 'MEASURED');

-- One change of care at a time: one plan of steps and one look a plant, each step once.
alter table errand add column step integer not null default 0;
alter table errand add column last_step boolean not null default false;

-- One running trial a case, and one beside it.
alter table case_trial add column running boolean not null default false;

-- Marks what runs, from what is stored; also for an archive that was written before these marks.
create function mark_running(house uuid) returns void language sql as $$
    update errand e set state = 'DROPPED' where e.collection_id = house and e.state = 'PLANNED'
        and exists (select 1 from errand o where o.collection_id = house and o.plant_id = e.plant_id and o.kind = e.kind
            and o.state = 'PLANNED' and o.plan <> e.plan and (o.on_day, o.plan) > (e.on_day, e.plan)
            and o.on_day = (select max(m.on_day) from errand m where m.plant_id = e.plant_id and m.kind = e.kind and m.state = 'PLANNED'));
    update errand e set step = n.number, last_step = (n.number = n.count)
        from (select id, row_number() over (partition by plan, kind order by on_day, id) as number,
            count(*) over (partition by plan, kind) as count
            from errand where collection_id = house and kind = 'MOVE') n
        where n.id = e.id and e.step = 0;
    update case_trial t set running = true from trouble_case c
        where t.collection_id = house and c.id = t.case_id and c.state = 'TRIAL' and t.finished_on is null and not t.running
        and t.number = (select max(l.number) from case_trial l where l.case_id = t.case_id and l.beside = t.beside);
$$;
select mark_running(id) from collection;

create unique index one_plan_a_plant on errand (collection_id, plant_id) where kind = 'MOVE' and state = 'PLANNED' and last_step;
create unique index one_look_a_plant on errand (collection_id, plant_id) where kind = 'LOOK' and state = 'PLANNED';
create unique index one_errand_a_step on errand (plan, step) where kind = 'MOVE' and step > 0;
create unique index one_running_trial_a_case on case_trial (case_id, beside) where running;

-- Who tried to sign in and could not, by account and by address, so that guessing is slow.
create table sign_in_try (
    who text primary key,
    failures integer not null,
    last_at timestamptz not null,
    free_at timestamptz not null
);

-- A line of the log may be as long as a paragraph.
alter table happening drop constraint happening_detail_check;
alter table happening add constraint happening_detail_check check (length(detail) <= 1000);

-- What was used against a pest or disease is remembered by what it is, not only by the kind of spray.
alter table happening add column means text check (length(means) <= 40);

-- Stops of one room share its air: one humidifier, one heating.
alter table stop add column room text check (length(room) between 1 and 60);

-- What an accepted plan of the house sets up at a stop or in its room. The amount is a lamp's light on the leaves (µmol/m² s), or by how many
-- degrees C nights are kept warmer.
create table setup_task (
    id uuid primary key,
    collection_id uuid not null references collection (id),
    stop_id uuid not null,
    what text not null check (what in ('LAMP', 'NET', 'HUMIDIFIER', 'NIGHTS')),
    amount double precision not null default 0,
    words text not null check (length(words) between 1 and 500),
    planned_on date not null,
    state text not null default 'PLANNED' check (state in ('PLANNED', 'DONE', 'DROPPED')),
    done_on date,
    check ((state = 'DONE') = (done_on is not null)),
    unique (collection_id, id),
    foreign key (collection_id, stop_id) references stop (collection_id, id)
);
create unique index setup_task_open on setup_task (collection_id, stop_id, what) where state = 'PLANNED';

-- What came of a trial counts for what is proposed next, until it is forgotten.
alter table case_trial add column counts boolean not null default true;

-- Plans that were made before say nothing of rooms; they are made anew when they are asked for.
delete from plan_work;

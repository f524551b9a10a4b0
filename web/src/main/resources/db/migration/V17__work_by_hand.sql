-- Work of the hands that has a day: a look after a cut, the first water after a repotting, roots of a cutting, an errand.
create table hand_task (
    id uuid primary key,
    collection_id uuid not null references collection (id),
    plant_id uuid,
    what text check (length(what) between 1 and 40),
    errand text check (length(errand) between 1 and 40),
    batch uuid not null,
    on_day date not null,
    every_days integer check (every_days between 1 and 365),
    last_day date,
    state text not null default 'PLANNED' check (state in ('PLANNED', 'DONE', 'DROPPED')),
    done_on date,
    check ((what is null) <> (errand is null)),
    foreign key (collection_id, plant_id) references plant (collection_id, id)
);
create index hand_task_open on hand_task (collection_id, on_day) where state = 'PLANNED';
create index hand_task_by_plant on hand_task (collection_id, plant_id);
create index hand_task_errands on hand_task (collection_id, errand, done_on) where errand is not null;

-- A plant that was made of another one: by which way, and whether it grew on.
create table rooting (
    id uuid primary key,
    collection_id uuid not null references collection (id),
    plant_id uuid not null unique,
    way text not null check (length(way) between 1 and 40),
    made_on date not null,
    outcome text check (outcome in ('ROOTED', 'FAILED')),
    outcome_on date,
    check ((outcome is null) = (outcome_on is null)),
    foreign key (collection_id, plant_id) references plant (collection_id, id)
);
create index rooting_of on rooting (collection_id);

-- A small trial of one's own: some plants of a kind in one way, some in another.
create table own_trial (
    id uuid primary key,
    collection_id uuid not null references collection (id),
    version bigint not null default 0,
    way_a text not null check (length(way_a) between 1 and 200),
    way_b text not null check (length(way_b) between 1 and 200),
    measure text not null check (length(measure) between 1 and 40),
    started_on date not null,
    look_on date not null,
    unique (collection_id, id)
);
create table own_trial_plant (
    id uuid primary key,
    collection_id uuid not null references collection (id),
    trial_id uuid not null,
    plant_id uuid not null,
    in_b boolean not null,
    at_start double precision not null check (at_start between 0 and 1000000),
    at_end double precision check (at_end between 0 and 1000000),
    unique (trial_id, plant_id),
    foreign key (collection_id, trial_id) references own_trial (collection_id, id),
    foreign key (collection_id, plant_id) references plant (collection_id, id)
);
create index own_trial_plant_of on own_trial_plant (collection_id, trial_id);
create index own_trial_plant_by_plant on own_trial_plant (collection_id, plant_id);

-- The grower is away: from when to when, who waters, and what was planned for each plant.
create table absence (
    id uuid primary key,
    collection_id uuid not null references collection (id),
    leaves_on date not null,
    back_on date not null,
    who text not null check (length(who) between 1 and 40),
    helper text check (length(helper) between 1 and 80),
    note text check (length(note) between 1 and 500),
    planned_on date not null,
    left_on date,
    state text not null default 'OPEN' check (state in ('OPEN', 'OVER', 'CALLED_OFF')),
    check (back_on > leaves_on),
    unique (collection_id, id)
);
create unique index absence_open on absence (collection_id) where state = 'OPEN';
create table absence_plant (
    id uuid primary key,
    collection_id uuid not null references collection (id),
    absence_id uuid not null,
    plant_id uuid not null,
    wants_from date not null,
    wants_on date not null,
    harm double precision not null check (harm between 0 and 1),
    measure text not null check (length(measure) between 1 and 40),
    helped boolean not null,
    reservoir_ml integer not null check (reservoir_ml between 0 and 100000),
    harm_left double precision not null check (harm_left between 0 and 1),
    unique (absence_id, plant_id),
    foreign key (collection_id, absence_id) references absence (collection_id, id),
    foreign key (collection_id, plant_id) references plant (collection_id, id)
);
create index absence_plant_of on absence_plant (collection_id, absence_id);
create index absence_plant_by_plant on absence_plant (collection_id, plant_id);
create table absence_visit (
    id uuid primary key,
    collection_id uuid not null references collection (id),
    absence_id uuid not null,
    plant_id uuid not null,
    on_day date not null,
    ml integer not null check (ml between 0 and 100000),
    unique (absence_id, plant_id, on_day),
    foreign key (collection_id, absence_id) references absence (collection_id, id),
    foreign key (collection_id, plant_id) references plant (collection_id, id)
);
create index absence_visit_of on absence_visit (collection_id, absence_id);
create index absence_visit_by_plant on absence_visit (collection_id, plant_id);

-- Where the house stands, where its weather comes from, and what it is fed with.
alter table collection add column latitude double precision check (latitude between -66 and 66);
alter table collection add column longitude double precision check (longitude between -180 and 180);
alter table collection add column weather text check (weather in ('SIMULATED'));
alter table collection add column feed text check (length(feed) <= 80);

-- The window of a stop, what stands near it, and a meter's correction of its reckoned light.
alter table stop add column glazing text check (glazing in ('SINGLE', 'DOUBLE', 'COATED', 'TRIPLE'));
alter table stop add column curtain text check (curtain in ('NONE', 'NET', 'SHADE'));
alter table stop add column pane_width_cm integer check (pane_width_cm between 10 and 2000);
alter table stop add column pane_height_cm integer check (pane_height_cm between 10 and 1500);
alter table stop add column pane_sill_cm integer check (pane_sill_cm between -500 and 1000);
alter table stop add column skyline integer check (skyline between 0 and 85);
alter table stop add column heater_cm integer check (heater_cm between 0 and 1000);
alter table stop add column draught_cm integer check (draught_cm between 0 and 1000);
alter table stop add column daily_light double precision check (daily_light between 0 and 80);
alter table stop add column light_factor double precision check (light_factor between 0.02 and 50);

-- A day as sensors measured it stands beside what was typed.
alter table stop_reading add column origin text not null default 'TYPED' check (origin in ('TYPED', 'METER', 'MEASURED'));
alter table stop_reading add column wet_hours double precision check (wet_hours between 0 and 25);
create unique index one_measured_day on stop_reading (stop_id, on_day) where origin = 'MEASURED';

create table sensor (
    id uuid primary key,
    collection_id uuid not null references collection (id),
    stop_id uuid not null,
    name text not null check (length(name) between 1 and 80),
    kind text not null check (kind in ('SIMULATED', 'PUSHED', 'LOGGER')),
    token_hash text unique,
    settings text,
    last_at timestamptz,
    created_at timestamptz not null,
    retired_at timestamptz,
    version bigint not null,
    unique (collection_id, id),
    foreign key (collection_id, stop_id) references stop (collection_id, id)
);
create index sensor_by_stop on sensor (collection_id, stop_id);

-- Readings as they came are kept for ninety days, their hours for good.
create table raw_reading (
    sensor_id uuid not null,
    at timestamptz not null,
    collection_id uuid not null,
    celsius real,
    humidity real,
    ppfd real,
    primary key (sensor_id, at),
    foreign key (collection_id, sensor_id) references sensor (collection_id, id)
);
create index raw_by_time on raw_reading using brin (at);

create table hour_reading (
    stop_id uuid not null,
    hour timestamptz not null,
    collection_id uuid not null,
    celsius real,
    lowest real,
    highest real,
    humidity real,
    ppfd real,
    samples integer not null,
    primary key (stop_id, hour),
    foreign key (collection_id, stop_id) references stop (collection_id, id)
);

-- What could not be true.
create table set_aside (
    id uuid primary key,
    collection_id uuid not null,
    sensor_id uuid not null,
    at timestamptz not null,
    what text not null,
    value double precision not null,
    why text not null,
    unique (sensor_id, at, what),
    foreign key (collection_id, sensor_id) references sensor (collection_id, id)
);

create table reading_file (
    id uuid primary key,
    collection_id uuid not null,
    sensor_id uuid not null,
    name text not null check (length(name) between 1 and 200),
    read_at timestamptz not null,
    lines integer not null,
    stored integer not null,
    twice integer not null,
    aside integer not null,
    from_at timestamptz not null,
    to_at timestamptz not null,
    gaps text not null,
    foreign key (collection_id, sensor_id) references sensor (collection_id, id)
);
create index file_by_sensor on reading_file (sensor_id, read_at);

-- Something that is to be done with one plant on a day: a step to another stop, a look whether a change of care helped.
create table errand (
    id uuid primary key,
    collection_id uuid not null references collection (id),
    plant_id uuid not null,
    plan uuid not null,
    kind text not null check (kind in ('MOVE', 'LOOK')),
    on_day date not null,
    to_stop uuid,
    shade text not null default '',
    words text not null check (length(words) between 1 and 500),
    light_ratio double precision check (light_ratio > 0),
    warmth_step double precision,
    state text not null default 'PLANNED' check (state in ('PLANNED', 'DONE', 'DROPPED')),
    done_on date,
    foreign key (collection_id, plant_id) references plant (collection_id, id),
    foreign key (collection_id, to_stop) references stop (collection_id, id)
);
create index errand_open on errand (collection_id, on_day) where state = 'PLANNED';
create index errand_by_plant on errand (collection_id, plant_id, on_day);

-- A grower's own analysis of a water takes the place of the usual one.
create table own_water (
    id uuid primary key,
    collection_id uuid not null references collection (id),
    source text not null,
    conductivity double precision not null check (conductivity between 0 and 10),
    hardness double precision check (hardness between 0 and 2000),
    alkalinity double precision check (alkalinity between 0 and 2000),
    sodium double precision check (sodium between 0 and 2000),
    read_on date not null,
    version bigint not null,
    unique (collection_id, source)
);

create table own_feed (
    id uuid primary key,
    collection_id uuid not null references collection (id),
    name text not null check (length(name) between 1 and 80),
    form text not null check (form in ('POWDER', 'LIQUID', 'GRANULES')),
    says text not null check (says in ('OXIDES', 'ELEMENTS', 'RATIO')),
    n double precision not null check (n between 0 and 1000),
    p double precision not null check (p between 0 and 1000),
    k double precision not null check (k between 0 and 1000),
    total double precision check (total between 0.1 and 100),
    calcium double precision not null default 0 check (calcium between 0 and 100),
    magnesium double precision not null default 0 check (magnesium between 0 and 100),
    iron double precision not null default 0 check (iron between 0 and 100),
    micros boolean not null default false,
    organic boolean not null default false,
    density double precision not null default 1 check (density between 0.5 and 2),
    ec double precision not null default 1 check (ec between 0 and 5),
    months double precision not null default 0 check (months between 0 and 24),
    version bigint not null,
    unique (collection_id, name)
);

-- Granules of slow release that lie on a pot, and the length of its newest leaf.
alter table happening add column granule_grams double precision check (granule_grams between 0.01 and 5000);
alter table happening add column length_cm double precision check (length_cm between 0.1 and 300);

-- Timed work is claimed here, so that it runs once however many serve.
create table shedlock (
    name varchar(64) primary key,
    lock_until timestamptz not null,
    locked_at timestamptz not null,
    locked_by varchar(255) not null
);

-- How each plant is fed next.
alter table plant_upkeep add column feed_way text;
alter table plant_upkeep add column feed_mg double precision;
alter table plant_upkeep add column feed_ml double precision;
alter table plant_upkeep add column feed_counts integer;
alter table plant_upkeep add column feed_words text;

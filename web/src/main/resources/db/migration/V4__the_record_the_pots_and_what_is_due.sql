-- Plants in full: what they are, what they stand in, where on the stop, where they came from and how they ended.
alter table plant add column cultivar text check (length(cultivar) <= 80);
alter table plant add column accession text check (length(accession) between 1 and 40);
alter table plant add column source text check (length(source) <= 120);
alter table plant add column pot_height_cm double precision check (pot_height_cm between 1 and 200);
alter table plant add column reservoir_ml double precision not null default 0 check (reservoir_ml between 0 and 50000);
alter table plant add column medium_since date;
alter table plant add column leaf_class text not null default 'USUAL' check (leaf_class in ('SPARSE', 'USUAL', 'LUSH'));
alter table plant add column form text;
alter table plant add column plan_x double precision check (plan_x between 0 and 2000);
alter table plant add column plan_y double precision check (plan_y between 0 and 2000);
alter table plant add column mother_id uuid;
alter table plant add column wet_grams integer check (wet_grams between 1 and 200000);
alter table plant add column dry_grams integer check (dry_grams between 1 and 200000);
alter table plant add column state text not null default 'ALIVE' check (state in ('ALIVE', 'RETIRED', 'LOST', 'WITHDRAWN'));
alter table plant add column ended_on date;
alter table plant add column ended_cause text check (length(ended_cause) <= 300);
alter table plant add foreign key (collection_id, mother_id) references plant (collection_id, id);
create unique index one_plant_an_accession on plant (collection_id, accession);

-- Stops to scale, and what was read at them day by day.
alter table stop add column kind text not null default 'SHELF'
    check (kind in ('SILL', 'SHELF', 'RAIL', 'BENCH', 'CABINET', 'BOG_TRAY', 'OUTDOORS', 'ISOLATION'));
alter table stop add column glass text check (glass in ('NORTH', 'EAST', 'SOUTH', 'WEST', 'OVERHEAD'));
alter table stop add column glass_cm integer check (glass_cm between 0 and 1000);
alter table stop add column width_cm integer not null default 160 check (width_cm between 20 and 2000);
alter table stop add column depth_cm integer not null default 40 check (depth_cm between 10 and 1000);

create table stop_reading (
    id uuid primary key,
    collection_id uuid not null references collection (id),
    stop_id uuid not null,
    on_day date not null,
    light text,
    daily_light double precision check (daily_light between 0 and 80),
    humidity_percent double precision check (humidity_percent between 0 and 100),
    day_celsius double precision check (day_celsius between -60 and 70),
    night_celsius double precision check (night_celsius between -60 and 70),
    written_at timestamptz not null,
    foreign key (collection_id, stop_id) references stop (collection_id, id)
);
create index reading_by_stop on stop_reading (collection_id, stop_id, on_day);

-- The log in full. Entries are never changed: what undoes one is an entry of its own.
alter table happening add column water text;
alter table happening add column way text;
alter table happening add column found text;
alter table happening add column top text;
alter table happening add column middle text;
alter table happening add column bottom text;
alter table happening add column grams integer check (grams between 1 and 200000);
alter table happening add column yardstick text;
alter table happening add column product text check (length(product) <= 80);
alter table happening add column mg_nitrogen double precision check (mg_nitrogen between 0 and 2000);
alter table happening add column diameter_cm double precision check (diameter_cm between 2 and 200);
alter table happening add column medium text;
alter table happening add column from_stop uuid;
alter table happening add column to_stop uuid;
alter table happening add column counted text;
alter table happening add column number integer check (number between 0 and 1000000);
alter table happening add column undoes uuid unique;
alter table happening add column before_state text;
alter table happening add column batch uuid;
create index happening_by_day on happening (collection_id, on_day);
create index happening_by_batch on happening (batch) where batch is not null;

-- When the routine of each plant is due and what its pot lets expect: reckoned anew whenever something is written of it.
create table plant_upkeep (
    plant_id uuid primary key,
    collection_id uuid not null references collection (id),
    stop_id uuid not null,
    reckoned_on date not null,
    watered date,
    looked date,
    look_on date not null,
    fed date,
    feed_on date,
    put_off date,
    water_on date,
    water_early date,
    water_likely date,
    water_late date,
    wet_through_ml integer not null,
    cycle_days double precision not null,
    expected_days double precision not null,
    tray boolean not null,
    fullness double precision not null,
    factor double precision not null,
    factor_spread double precision not null,
    observations integer not null,
    early_share double precision,
    foreign key (collection_id, plant_id) references plant (collection_id, id)
);
create index upkeep_by_stop on plant_upkeep (collection_id, stop_id);
create index upkeep_by_water_day on plant_upkeep (collection_id, water_on);
create index upkeep_by_look_day on plant_upkeep (collection_id, look_on);
create index upkeep_by_feed_day on plant_upkeep (collection_id, feed_on);

-- Photos: small ones for lists.
alter table photo add column thumbnail bytea;
alter table photo add column happening_id uuid;

-- Every row belongs to a collection. Keys that cross tables carry the collection with them, so that the database itself
-- refuses a plant of one collection at a stop of another.

create table collection (
    id uuid primary key,
    name text not null check (length(name) between 1 and 120),
    hemisphere text not null check (hemisphere in ('north', 'south')),
    created_at timestamptz not null
);

create table member (
    id uuid primary key,
    collection_id uuid not null references collection (id),
    sign_in text not null unique check (sign_in = lower(sign_in) and length(sign_in) between 3 and 80),
    name text not null check (length(name) between 1 and 80),
    password_hash text not null,
    created_at timestamptz not null
);
create index member_by_collection on member (collection_id);

create table stop (
    id uuid primary key,
    collection_id uuid not null references collection (id),
    position integer not null,
    name text not null check (length(name) between 1 and 80),
    note text,
    light text,
    humidity_percent double precision check (humidity_percent between 0 and 100),
    day_celsius double precision check (day_celsius between -60 and 70),
    night_celsius double precision check (night_celsius between -60 and 70),
    wet_hours double precision check (wet_hours between 0 and 24),
    near text not null default '',
    crowded boolean,
    air text,
    isolation boolean not null default false,
    version bigint not null,
    unique (collection_id, id)
);
create index stop_by_walk on stop (collection_id, position);

create table plant (
    id uuid primary key,
    collection_id uuid not null references collection (id),
    stop_id uuid not null,
    place_on_stop integer not null,
    name text not null check (length(name) between 1 and 80),
    profile text not null,
    stage text not null,
    acquired_on date,
    pot_diameter_cm double precision check (pot_diameter_cm between 2 and 200),
    pot_kind text not null,
    medium text not null,
    potted_on date,
    outer_pot boolean,
    drain_holes boolean,
    water_source text,
    over_top boolean,
    feed_strength text,
    leaves integer not null check (leaves between 0 and 5000),
    growths integer not null check (growths between 0 and 500),
    offsets integer not null check (offsets between 0 and 500),
    flowers integer not null check (flowers between 0 and 5000),
    buds integer not null check (buds between 0 and 5000),
    bloom_since date,
    version bigint not null,
    unique (collection_id, id),
    foreign key (collection_id, stop_id) references stop (collection_id, id)
);
create index plant_by_stop on plant (collection_id, stop_id, place_on_stop);

create table trouble_case (
    id uuid primary key,
    collection_id uuid not null references collection (id),
    plant_id uuid not null,
    state text not null check (state in ('LOOKING', 'TRIAL', 'CLOSED')),
    visit integer not null check (visit >= 1),
    opened_on date not null,
    decided_cause text,
    decided_probability double precision,
    decided_note text,
    overruled boolean not null default false,
    closed_on date,
    outcome text,
    lesson text,
    version bigint not null,
    unique (collection_id, id),
    foreign key (collection_id, plant_id) references plant (collection_id, id)
);
create index case_by_plant on trouble_case (collection_id, plant_id);
create unique index one_open_case_a_plant on trouble_case (collection_id, plant_id) where state <> 'CLOSED';

create table case_answer (
    id uuid primary key,
    collection_id uuid not null references collection (id),
    case_id uuid not null,
    visit integer not null check (visit >= 1),
    finding text not null,
    state text not null,
    part text not null,
    pin integer not null,
    on_day date not null,
    unique (case_id, visit, finding),
    foreign key (collection_id, case_id) references trouble_case (collection_id, id)
);
create index answer_by_case on case_answer (collection_id, case_id);

create table case_trial (
    id uuid primary key,
    collection_id uuid not null references collection (id),
    case_id uuid not null,
    number integer not null,
    trial text not null,
    holds text not null,
    started_on date not null,
    look_again_on date not null,
    finished_on date,
    verdict text check (verdict in ('BETTER', 'SAME', 'WORSE')),
    check (look_again_on >= started_on),
    unique (case_id, number),
    foreign key (collection_id, case_id) references trouble_case (collection_id, id)
);
create index trial_by_case on case_trial (collection_id, case_id);

create table care_entry (
    id uuid primary key,
    collection_id uuid not null references collection (id),
    plant_id uuid not null,
    case_id uuid,
    setting text not null,
    text text not null check (length(text) between 1 and 500),
    reason text not null check (length(reason) between 1 and 500),
    since date not null,
    written_at timestamptz not null,
    foreign key (collection_id, plant_id) references plant (collection_id, id),
    foreign key (collection_id, case_id) references trouble_case (collection_id, id)
);
create index care_by_plant on care_entry (collection_id, plant_id, written_at);

create table happening (
    id uuid primary key,
    collection_id uuid not null references collection (id),
    plant_id uuid not null,
    kind text not null,
    on_day date not null,
    amount_ml integer check (amount_ml between 1 and 100000),
    detail text check (length(detail) <= 300),
    temperature_step double precision,
    light_ratio double precision check (light_ratio > 0),
    spray text,
    written_at timestamptz not null,
    foreign key (collection_id, plant_id) references plant (collection_id, id)
);
create index happening_by_plant on happening (collection_id, plant_id, on_day);

create table photo (
    id uuid primary key,
    collection_id uuid not null references collection (id),
    plant_id uuid not null,
    taken_on date not null,
    caption text not null,
    media_type text not null,
    bytes bytea not null,
    foreign key (collection_id, plant_id) references plant (collection_id, id)
);
create index photo_by_plant on photo (collection_id, plant_id, taken_on);

-- A form that was sent twice is stored once: each form carries a key.
create table written_form (
    collection_id uuid not null references collection (id),
    form_key uuid not null,
    written_at timestamptz not null,
    primary key (collection_id, form_key)
);

-- Sessions outlive a restart (schema of the session library).
CREATE TABLE spring_session (
	PRIMARY_ID CHAR(36) NOT NULL,
	SESSION_ID CHAR(36) NOT NULL,
	CREATION_TIME BIGINT NOT NULL,
	LAST_ACCESS_TIME BIGINT NOT NULL,
	MAX_INACTIVE_INTERVAL INT NOT NULL,
	EXPIRY_TIME BIGINT NOT NULL,
	PRINCIPAL_NAME VARCHAR(100),
	CONSTRAINT spring_session_PK PRIMARY KEY (PRIMARY_ID)
);

CREATE UNIQUE INDEX spring_session_IX1 ON spring_session (SESSION_ID);
CREATE INDEX spring_session_IX2 ON spring_session (EXPIRY_TIME);
CREATE INDEX spring_session_IX3 ON spring_session (PRINCIPAL_NAME);

CREATE TABLE spring_session_ATTRIBUTES (
	SESSION_PRIMARY_ID CHAR(36) NOT NULL,
	ATTRIBUTE_NAME VARCHAR(200) NOT NULL,
	ATTRIBUTE_BYTES BYTEA NOT NULL,
	CONSTRAINT spring_session_ATTRIBUTES_PK PRIMARY KEY (SESSION_PRIMARY_ID, ATTRIBUTE_NAME),
	CONSTRAINT spring_session_ATTRIBUTES_FK FOREIGN KEY (SESSION_PRIMARY_ID) REFERENCES spring_session(PRIMARY_ID) ON DELETE CASCADE
);

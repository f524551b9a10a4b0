-- How this house prefers to treat.
alter table collection add column style text not null default 'WASH' check (style in ('LIVING', 'WASH', 'SYSTEMIC'));

-- A dated treatment of one plant, for one decided cause of one case.
create table course (
    id uuid primary key,
    collection_id uuid not null references collection (id),
    case_id uuid not null,
    plant_id uuid not null,
    disorder text not null,
    style text not null check (style in ('LIVING', 'WASH', 'SYSTEMIC')),
    started_on date not null,
    severe boolean not null default false,
    counted double precision check (counted between 0 and 1000000),
    coverage double precision not null check (coverage between 0 and 1),
    uses text not null,
    beside text,
    clean text,
    interval_days integer not null check (interval_days between 1 and 120),
    risk double precision check (risk between 0 and 1),
    ends boolean,
    planned_uses integer,
    risk_of_one double precision,
    slow_interval integer,
    risk_slow double precision,
    doubling_days double precision,
    hidden_stage text,
    no_cure text,
    cost text,
    weighed text not null,
    last_find date not null,
    there_since date not null,
    state text not null default 'RUNNING' check (state in ('RUNNING', 'ENDED', 'RELEASED')),
    ended_on date,
    version bigint not null,
    unique (collection_id, id),
    foreign key (collection_id, case_id) references trouble_case (collection_id, id),
    foreign key (collection_id, plant_id) references plant (collection_id, id)
);
create unique index one_running_course_a_case on course (collection_id, case_id) where state = 'RUNNING';
create index course_by_plant on course (collection_id, plant_id);

create table course_step (
    id uuid primary key,
    collection_id uuid not null references collection (id),
    course_id uuid not null,
    on_day date not null,
    phase text not null check (phase in ('ISOLATE', 'CLEAN', 'TEST', 'ACT', 'REPEAT', 'LOOK', 'RELEASE')),
    means text,
    what text not null,
    terms text not null,
    state text not null default 'PLANNED' check (state in ('PLANNED', 'DONE', 'MISSED', 'RAINED_OFF')),
    done_on date,
    batch uuid,
    foreign key (collection_id, course_id) references course (collection_id, id)
);
create index step_by_course on course_step (collection_id, course_id, on_day);

-- Plants that stood near enough: those that touched it when it was found, and those that a look was asked for.
create table contact_look (
    id uuid primary key,
    collection_id uuid not null references collection (id),
    course_id uuid not null,
    plant_id uuid not null,
    nearness text not null check (nearness in ('TOUCHING', 'SHELF', 'ROOM')),
    days integer not null check (days >= 1),
    asked_on date,
    unique (collection_id, course_id, plant_id),
    foreign key (collection_id, course_id) references course (collection_id, id),
    foreign key (collection_id, plant_id) references plant (collection_id, id)
);
create index contact_by_plant on contact_look (collection_id, plant_id);

-- Products that the grower owns, as their labels say.
create table own_product (
    id uuid primary key,
    collection_id uuid not null references collection (id),
    name text not null check (length(name) between 1 and 80),
    means text not null,
    ingredient text not null check (length(ingredient) between 1 and 120),
    mode_group text check (length(mode_group) <= 12),
    least_amount double precision check (least_amount > 0),
    most_amount double precision not null check (most_amount > 0),
    measure text not null,
    carrier text not null,
    interval_days integer check (interval_days between 1 and 365),
    season_uses integer check (season_uses between 1 and 50),
    not_on text not null default '',
    registered boolean,
    version bigint not null,
    unique (collection_id, id),
    unique (collection_id, name)
);

-- New arrivals ask for their daily look.
create index plant_by_arrival on plant (collection_id, acquired_on);

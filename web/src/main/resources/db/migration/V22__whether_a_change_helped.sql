-- An accepted change of care, and what became of it.
create table care_change (
    id uuid primary key,
    collection_id uuid not null references collection (id),
    plant_id uuid not null,
    plan uuid not null,
    kind text not null check (length(kind) between 1 and 40),
    plant_kind text not null check (length(plant_kind) between 1 and 60),
    from_stop uuid not null,
    to_stop uuid not null,
    words text not null check (length(words) between 1 and 500),
    began_on date not null,
    state text not null default 'RUNNING' check (state in ('RUNNING', 'JUDGED', 'DROPPED')),
    said text check (said in ('BETTER', 'SAME', 'WORSE', 'CANNOT_TELL')),
    verdict text check (verdict in ('BETTER', 'SAME', 'WORSE', 'CANNOT_TELL')),
    judged_on date,
    counts boolean not null default true,
    check ((state = 'JUDGED') = (verdict is not null and judged_on is not null)),
    unique (collection_id, id),
    foreign key (collection_id, plant_id) references plant (collection_id, id),
    foreign key (collection_id, from_stop) references stop (collection_id, id),
    foreign key (collection_id, to_stop) references stop (collection_id, id)
);
create index care_change_by_plant on care_change (collection_id, plant_id, began_on);

-- What it was to bring for one need, and what it brought; in the unit of the need.
create table care_promise (
    id uuid primary key,
    collection_id uuid not null references collection (id),
    change_id uuid not null,
    need text not null check (length(need) between 1 and 40),
    before_it double precision not null,
    promised double precision not null,
    elsewhere double precision,
    seen double precision,
    without_it double precision,
    share double precision,
    verdict text check (verdict in ('BETTER', 'SAME', 'WORSE', 'CANNOT_TELL')),
    sure double precision check (sure between 0 and 1),
    foreign key (collection_id, change_id) references care_change (collection_id, id)
);
create index care_promise_by_change on care_promise (collection_id, change_id);

-- A plan for a large house, which is made while nobody waits for it: what was asked, how far it is, and what was found.
create table plan_work (
    id uuid primary key,
    collection_id uuid not null unique references collection (id),
    asked text not null check (length(asked) between 1 and 200000),
    state text not null check (state in ('WAITING', 'RUNNING', 'DONE', 'FAILED')),
    asked_at timestamptz not null,
    within double precision check (within >= 0),
    found text
);
create index plan_work_waiting on plan_work (asked_at) where state in ('WAITING', 'RUNNING');

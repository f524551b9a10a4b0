-- A case can be paused, reopened, and merged into another; two causes can be treated side by side; every ladder that was shown is kept.

alter table trouble_case drop constraint trouble_case_state_check;
alter table trouble_case add constraint trouble_case_state_check
    check (state in ('LOOKING', 'TRIAL', 'PAUSED', 'CLOSED', 'MERGED'));
alter table trouble_case add column paused_until date;
alter table trouble_case add column merged_into uuid;
alter table trouble_case add column second_cause text;
alter table trouble_case add foreign key (collection_id, merged_into) references trouble_case (collection_id, id);
drop index one_open_case_a_plant;
create unique index one_open_case_a_plant on trouble_case (collection_id, plant_id) where state not in ('CLOSED', 'MERGED');

alter table case_trial add column beside boolean not null default false;

-- What the ladder said after each answer: one row a cause.
create table case_opinion (
    id uuid primary key,
    collection_id uuid not null references collection (id),
    case_id uuid not null,
    seq integer not null check (seq >= 0),
    on_day date not null,
    finding text,
    state text,
    cause text not null,
    probability double precision not null check (probability between 0 and 1),
    unique (case_id, seq, cause),
    foreign key (collection_id, case_id) references trouble_case (collection_id, id)
);
create index opinion_by_case on case_opinion (collection_id, case_id, seq);

-- What the grower said when asked what had changed lately.
create table case_recall (
    id uuid primary key,
    collection_id uuid not null references collection (id),
    case_id uuid not null,
    kind text not null,
    answer text not null check (answer in ('RIGHT', 'NO', 'WEEK', 'MONTH')),
    on_day date not null,
    unique (case_id, kind),
    foreign key (collection_id, case_id) references trouble_case (collection_id, id)
);
create index recall_by_case on case_recall (collection_id, case_id);

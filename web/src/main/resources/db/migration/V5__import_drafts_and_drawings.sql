-- A table that is being brought in waits here until it is taken or a day has passed.
create table import_draft (
    id uuid primary key,
    collection_id uuid not null references collection (id),
    what text not null check (what in ('PLANTS', 'LOG')),
    text text not null,
    written_at timestamptz not null
);
create index draft_by_collection on import_draft (collection_id, written_at);

-- A plant that came from another installation keeps its drawing.
alter table plant add column drawn_from uuid;

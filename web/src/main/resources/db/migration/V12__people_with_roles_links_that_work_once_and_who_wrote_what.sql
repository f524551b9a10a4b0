-- What each person may do, and until when; who was first in a collection owns it.
alter table member add column role text not null default 'OWNER' check (role in ('OWNER', 'KEEPER', 'HELPER', 'READER'));
alter table member add column until date;
update member m set role = 'KEEPER' where exists (
    select 1 from member o where o.collection_id = m.collection_id and (o.created_at, o.id) < (m.created_at, m.id));
alter table member alter column role drop default;

-- Where reminders go: an address for mail, the day of the last morning message, the secret part of the calendar's address.
alter table member add column mail text check (length(mail) between 3 and 200);
alter table member add column morning boolean not null default false;
alter table member add column mailed_on date;
alter table member add column calendar text unique check (length(calendar) between 30 and 80);

-- Links that work once: into a collection (of one's own where no role is named), or to a new password. Only a digest of the secret is kept.
create table once_link (
    secret_digest text primary key,
    collection_id uuid not null references collection (id),
    kind text not null check (kind in ('INVITATION', 'NEW_PASSWORD')),
    role text check (role in ('OWNER', 'KEEPER', 'HELPER', 'READER')),
    until date,
    member_id uuid references member (id) on delete cascade,
    created_at timestamptz not null,
    expires_at timestamptz not null,
    used_at timestamptz
);
create index once_link_by_collection on once_link (collection_id);

-- Who wrote an entry, by name; of entries before, nobody knows.
alter table happening add column written_by text check (length(written_by) between 1 and 80);

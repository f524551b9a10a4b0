-- Whether a kind of one's own is eaten, and what it does to people or pets.
alter table own_kind add column edible boolean not null default false;
alter table own_kind add column harm text check (length(harm) <= 120);

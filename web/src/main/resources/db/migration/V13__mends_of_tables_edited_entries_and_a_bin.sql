-- What a grower mended on the page of a table on its way in: what a value or a cell is to be read as.
alter table import_draft add column mends jsonb not null default '{}';

-- The entry that an edited one stands for; it was taken back, and its wording stays to be read.
alter table happening add column replaces uuid;
create index happening_by_replaced on happening (collection_id, replaces) where replaces is not null;

-- The day on which a stop was put into the bin; what was read there stays with the plants that stood there.
alter table stop add column removed_on date;

-- The day on which the change that a trial makes was made and written into the record.
alter table case_trial add column done_on date;

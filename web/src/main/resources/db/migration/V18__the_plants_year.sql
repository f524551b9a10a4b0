-- A lamp gives a plant its day, whatever the sun does.
alter table stop add column lamp_hours double precision check (lamp_hours >= 0 and lamp_hours <= 24);
-- When the next phase of a plant's year is to be expected, and with it another routine.
alter table plant_upkeep add column turns_on date;
-- A little water for a plant that rests dry, whenever its pot was dry.
alter table plant_upkeep add column water_resting boolean not null default false;
-- Advice about the rhythm of watering wants a probe or a weight.
alter table plant_upkeep add column measured boolean not null default false;

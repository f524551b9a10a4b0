-- How a plant is fed next is told from its figures; no sentence is stored.
alter table plant_upkeep add column feed_gently boolean not null default false;
update plant_upkeep set feed_gently = true where feed_words like '%half strength%';
alter table plant_upkeep drop column feed_words;

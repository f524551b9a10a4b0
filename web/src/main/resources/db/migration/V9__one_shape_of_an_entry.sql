-- What an entry says stands in one place, by its kind, under the names that archives use.
alter table happening add column entry jsonb;

-- An entry without what its kind must say was never read as one; it stays as a note.
update happening set kind = 'NOTED'
where kind = 'PROBED' and (top is null or middle is null or bottom is null)
    or kind = 'WEIGHED' and grams is null
    or kind = 'GRANULES' and granule_grams is null
    or kind = 'NEW_LEAF' and length_cm is null
    or kind = 'COUNTED' and (counted is null or number is null);

update happening set entry = jsonb_strip_nulls(jsonb_build_object(
    'amount_ml', amount_ml,
    'temperature_step', temperature_step,
    'light_ratio', light_ratio,
    'spray', spray,
    'means', means,
    'water', water,
    'way', case when kind = 'WATERED' then coalesce(way, 'ABOVE') else way end,
    'found', found,
    'top', top,
    'middle', middle,
    'bottom', bottom,
    'grams', grams,
    'yardstick', yardstick,
    'product', product,
    'mg_nitrogen', mg_nitrogen,
    'diameter_cm', diameter_cm,
    'medium', medium,
    'from_stop', from_stop,
    'to_stop', to_stop,
    'counted', counted,
    'number', number,
    'granule_grams', granule_grams,
    'length_cm', length_cm));

alter table happening alter column entry set not null;

alter table happening
    drop column amount_ml, drop column temperature_step, drop column light_ratio, drop column spray, drop column means,
    drop column water, drop column way, drop column found, drop column top, drop column middle, drop column bottom,
    drop column grams, drop column yardstick, drop column product, drop column mg_nitrogen, drop column diameter_cm,
    drop column medium, drop column from_stop, drop column to_stop, drop column counted, drop column number,
    drop column granule_grams, drop column length_cm;

create index happening_from_stop on happening (collection_id, (entry ->> 'from_stop')) 
    where (entry ->> 'from_stop') is not null;
create index happening_to_stop on happening (collection_id, (entry ->> 'to_stop')) 
    where (entry ->> 'to_stop') is not null;

-- Lists stand as lists, not as words joined into one text.
create function list_of(joined text, separator text) returns jsonb immutable language sql as $$
    select coalesce(jsonb_agg(word order by place), '[]'::jsonb)
    from unnest(string_to_array(joined, separator)) with ordinality as words (word, place)
    where word <> ''
$$;

alter table stop alter column near drop default;
alter table stop alter column near type jsonb using list_of(near, ',');
alter table stop alter column near set default '[]'::jsonb;

alter table case_trial alter column holds type jsonb using list_of(holds, ',');

alter table course alter column uses type jsonb using list_of(uses, ',');

create function weighed_of(joined text) returns jsonb immutable language sql as $$
    select coalesce(jsonb_agg(jsonb_build_object(
        'means', split_part(line, E'\t', 1),
        'name', split_part(line, E'\t', 2),
        'chosen', split_part(line, E'\t', 3) = 'true',
        'why', split_part(line, E'\t', 4)) order by place), '[]'::jsonb)
    from unnest(string_to_array(joined, E'\n')) with ordinality as lines (line, place)
    where line <> ''
$$;

alter table course alter column weighed type jsonb using weighed_of(weighed);

alter table course_step alter column terms type jsonb using list_of(terms, E'\n');

alter table own_product alter column not_on drop default;
alter table own_product alter column not_on type jsonb using list_of(not_on, ',');
alter table own_product alter column not_on set default '[]'::jsonb;

drop function weighed_of(text);
drop function list_of(text, text);

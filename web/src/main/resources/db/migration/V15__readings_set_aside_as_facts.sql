-- What was set aside and why are constants, not words.
update set_aside set what = upper(what), why = case when why like 'leaps%' then 'LEAP' else 'OUTSIDE' end;

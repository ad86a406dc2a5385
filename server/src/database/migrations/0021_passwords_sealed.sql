-- What stood there in plain words is forgotten: it is asked for again

UPDATE arrival SET passwords = '[]' WHERE passwords <> '[]';

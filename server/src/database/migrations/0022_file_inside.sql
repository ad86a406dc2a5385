ALTER TABLE arrival_file ADD inside LONGTEXT NULL;

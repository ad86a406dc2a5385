ALTER TABLE reading
  ADD COLUMN size_question LONGTEXT NULL;

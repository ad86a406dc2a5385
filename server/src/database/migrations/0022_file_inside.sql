ALTER TABLE arrival_file
  ADD inside LONGTEXT NULL,
  ADD look BIGINT UNSIGNED NULL,
  ADD KEY (look);

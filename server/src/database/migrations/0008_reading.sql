CREATE TABLE reading (
  id CHAR(36) NOT NULL PRIMARY KEY,
  find_id CHAR(36) NOT NULL,
  reader_version INT NOT NULL,
  document_sha256 CHAR(64) NOT NULL,
  portrait_sha256 CHAR(64) NULL,
  source LONGTEXT NOT NULL,
  log LONGTEXT NOT NULL,
  rights LONGTEXT NOT NULL,
  stated LONGTEXT NOT NULL,
  findings LONGTEXT NOT NULL,
  figures LONGTEXT NOT NULL,
  maps LONGTEXT NOT NULL,
  created_at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  UNIQUE KEY (find_id, reader_version),
  FOREIGN KEY (find_id) REFERENCES find (id) ON DELETE CASCADE
);

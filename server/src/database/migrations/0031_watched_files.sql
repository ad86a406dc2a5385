-- What was taken out of a watched folder, as it was: nothing is taken twice
CREATE TABLE IF NOT EXISTS watched_file (
  folder_id CHAR(36) NOT NULL,
  path VARCHAR(500) NOT NULL,
  sha256 CHAR(64) NOT NULL,
  size_bytes BIGINT NOT NULL,
  modified_ms DOUBLE NOT NULL,
  arrival_id CHAR(36) NOT NULL,
  taken_at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  PRIMARY KEY (folder_id, path, sha256),
  FOREIGN KEY (folder_id) REFERENCES watched_folder (id) ON DELETE CASCADE
);

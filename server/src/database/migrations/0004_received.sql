CREATE TABLE received (
  id CHAR(36) NOT NULL PRIMARY KEY,
  arrival_id CHAR(36) NOT NULL,
  path VARCHAR(1024) NOT NULL,
  size_bytes BIGINT NOT NULL,
  upload_id VARCHAR(64) NULL,
  sha256 CHAR(64) NULL,
  FOREIGN KEY (arrival_id) REFERENCES arrival (id) ON DELETE CASCADE
);

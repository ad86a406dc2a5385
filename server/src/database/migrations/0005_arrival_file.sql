CREATE TABLE arrival_file (
  id BIGINT NOT NULL AUTO_INCREMENT PRIMARY KEY,
  arrival_id CHAR(36) NOT NULL,
  path VARCHAR(2048) NOT NULL,
  sha256 CHAR(64) NOT NULL,
  size_bytes BIGINT NOT NULL,
  kind VARCHAR(20) NOT NULL,
  format VARCHAR(20) NOT NULL,
  words VARCHAR(200) NOT NULL,
  width INT NULL,
  height INT NULL,
  aside_reason VARCHAR(300) NULL,
  KEY (arrival_id),
  KEY (sha256),
  FOREIGN KEY (arrival_id) REFERENCES arrival (id) ON DELETE CASCADE
);

-- What was given by a link, under the number of its arrival: what the giver said, the words they agreed to by their hash, the day, and from where
CREATE TABLE IF NOT EXISTS gift (
  id CHAR(36) NOT NULL PRIMARY KEY,
  link_id CHAR(36) NOT NULL,
  secret_hash CHAR(64) NOT NULL,
  giver VARCHAR(200) NOT NULL,
  said MEDIUMTEXT NOT NULL,
  statement_sha256 CHAR(64) NOT NULL,
  address VARCHAR(100) NOT NULL,
  given_at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  withdrawn_at DATETIME(3) NULL,
  UNIQUE KEY (secret_hash),
  KEY (link_id, given_at),
  FOREIGN KEY (link_id) REFERENCES giving_link (id),
  FOREIGN KEY (id) REFERENCES arrival (id) ON DELETE CASCADE
);

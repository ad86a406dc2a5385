CREATE TABLE arrival (
  id CHAR(36) NOT NULL PRIMARY KEY,
  name VARCHAR(250) NOT NULL,
  state VARCHAR(20) NOT NULL CHECK (state IN ('receiving', 'opening', 'reading', 'ready', 'failed', 'cancelled')),
  message TEXT NULL,
  refused LONGTEXT NOT NULL,
  person_id CHAR(36) NOT NULL,
  created_at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  KEY (created_at),
  FOREIGN KEY (person_id) REFERENCES person (id)
);

CREATE TABLE evidence (
  id CHAR(36) NOT NULL PRIMARY KEY,
  kind VARCHAR(20) NOT NULL CHECK (kind IN ('text', 'page', 'mail', 'receipt', 'agreement', 'note')),
  name VARCHAR(300) NOT NULL,
  note TEXT NOT NULL,
  sha256 CHAR(64) NOT NULL,
  size_bytes BIGINT NOT NULL,
  person_id CHAR(36) NOT NULL,
  at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  FOREIGN KEY (person_id) REFERENCES person (id)
);

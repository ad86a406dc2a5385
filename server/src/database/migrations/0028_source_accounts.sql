-- What lets the house in at a source, sealed, and the terms somebody accepted there as they were that day
CREATE TABLE IF NOT EXISTS source_account (
  kind VARCHAR(40) NOT NULL PRIMARY KEY,
  token_sealed TEXT NULL,
  token_by CHAR(36) NULL,
  token_at DATETIME(3) NULL,
  terms_sha256 CHAR(64) NULL,
  terms_by CHAR(36) NULL,
  terms_at DATETIME(3) NULL,
  FOREIGN KEY (token_by) REFERENCES person (id),
  FOREIGN KEY (terms_by) REFERENCES person (id)
);

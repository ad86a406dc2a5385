CREATE TABLE map_memory (
  author VARCHAR(300) NOT NULL,
  wanted VARCHAR(300) NOT NULL,
  slot VARCHAR(30) NOT NULL,
  taken_stem VARCHAR(300) NOT NULL,
  taken_sha256 CHAR(64) NOT NULL,
  asset_id CHAR(36) NOT NULL,
  person_id CHAR(36) NOT NULL,
  at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  PRIMARY KEY (author(150), wanted(150), slot),
  FOREIGN KEY (asset_id) REFERENCES asset (id) ON DELETE CASCADE,
  FOREIGN KEY (person_id) REFERENCES person (id)
);

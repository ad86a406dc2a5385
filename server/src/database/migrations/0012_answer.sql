CREATE TABLE answer (
  asset_id CHAR(36) NOT NULL,
  finding_key VARCHAR(190) NOT NULL,
  answer LONGTEXT NOT NULL,
  person_id CHAR(36) NOT NULL,
  at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  PRIMARY KEY (asset_id, finding_key),
  FOREIGN KEY (asset_id) REFERENCES asset (id) ON DELETE CASCADE,
  FOREIGN KEY (person_id) REFERENCES person (id)
);

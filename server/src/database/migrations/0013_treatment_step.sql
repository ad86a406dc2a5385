CREATE TABLE treatment_step (
  id CHAR(36) NOT NULL PRIMARY KEY,
  asset_id CHAR(36) NOT NULL,
  taken_order BIGINT NOT NULL AUTO_INCREMENT UNIQUE,
  finding_key VARCHAR(190) NULL,
  step LONGTEXT NOT NULL,
  enabled BOOLEAN NOT NULL,
  person_id CHAR(36) NOT NULL,
  KEY (asset_id),
  FOREIGN KEY (asset_id) REFERENCES asset (id) ON DELETE CASCADE,
  FOREIGN KEY (person_id) REFERENCES person (id)
);

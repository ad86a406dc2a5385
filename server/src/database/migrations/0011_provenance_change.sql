CREATE TABLE provenance_change (
  id BIGINT NOT NULL AUTO_INCREMENT PRIMARY KEY,
  asset_id CHAR(36) NOT NULL,
  field VARCHAR(40) NOT NULL,
  before_value MEDIUMTEXT NOT NULL,
  after_value MEDIUMTEXT NOT NULL,
  person_id CHAR(36) NULL COMMENT 'null: read by Haveld',
  at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  KEY (asset_id),
  FOREIGN KEY (asset_id) REFERENCES asset (id) ON DELETE CASCADE,
  FOREIGN KEY (person_id) REFERENCES person (id)
);

CREATE TABLE IF NOT EXISTS remark (
  id CHAR(36) NOT NULL PRIMARY KEY,
  asset_id CHAR(36) NOT NULL,
  about LONGTEXT NOT NULL,
  text TEXT NOT NULL,
  person_id CHAR(36) NOT NULL,
  at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  resolved_by CHAR(36) NULL,
  resolved_at DATETIME(3) NULL,
  KEY (asset_id, at),
  FOREIGN KEY (asset_id) REFERENCES asset (id) ON DELETE CASCADE,
  FOREIGN KEY (person_id) REFERENCES person (id),
  FOREIGN KEY (resolved_by) REFERENCES person (id)
);

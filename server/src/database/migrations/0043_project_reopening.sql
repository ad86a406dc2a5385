CREATE TABLE project_reopening (
  id BIGINT NOT NULL AUTO_INCREMENT PRIMARY KEY,
  project_id CHAR(36) NOT NULL,
  asset_id CHAR(36) NOT NULL,
  why TEXT NOT NULL,
  at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  settled_by CHAR(36) NULL,
  settled_at DATETIME(3) NULL,
  settled_words TEXT NOT NULL DEFAULT '',
  KEY (project_id, settled_at),
  FOREIGN KEY (project_id) REFERENCES project (id),
  FOREIGN KEY (asset_id) REFERENCES asset (id) ON DELETE CASCADE,
  FOREIGN KEY (settled_by) REFERENCES person (id)
);

CREATE TABLE project_duty (
  project_id CHAR(36) NOT NULL,
  asset_id CHAR(36) NOT NULL,
  kind VARCHAR(30) NOT NULL,
  person_id CHAR(36) NOT NULL,
  at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  PRIMARY KEY (project_id, asset_id, kind),
  FOREIGN KEY (project_id) REFERENCES project (id),
  FOREIGN KEY (asset_id) REFERENCES asset (id) ON DELETE CASCADE,
  FOREIGN KEY (person_id) REFERENCES person (id)
);

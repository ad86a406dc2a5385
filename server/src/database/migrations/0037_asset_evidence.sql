CREATE TABLE asset_evidence (
  asset_id CHAR(36) NOT NULL,
  evidence_id CHAR(36) NOT NULL,
  PRIMARY KEY (asset_id, evidence_id),
  KEY (evidence_id),
  FOREIGN KEY (asset_id) REFERENCES asset (id) ON DELETE CASCADE,
  FOREIGN KEY (evidence_id) REFERENCES evidence (id)
);

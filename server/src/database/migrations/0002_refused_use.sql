-- Assets that stand in a live project which may not hold them, or must ask first: what the strip counts, worked out by a job.
CREATE TABLE IF NOT EXISTS refused_use (
  project_id CHAR(36) NOT NULL,
  asset_id CHAR(36) NOT NULL,
  verdict VARCHAR(20) NOT NULL CHECK (verdict IN ('not-allowed', 'ask-first')),
  reason TEXT NOT NULL,
  PRIMARY KEY (project_id, asset_id),
  KEY (asset_id),
  FOREIGN KEY (project_id) REFERENCES project (id),
  FOREIGN KEY (asset_id) REFERENCES asset (id) ON DELETE CASCADE
);

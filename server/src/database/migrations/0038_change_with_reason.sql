ALTER TABLE provenance_change
  ADD COLUMN why TEXT NOT NULL DEFAULT '',
  ADD COLUMN evidence_id CHAR(36) NULL,
  ADD KEY (field, at);

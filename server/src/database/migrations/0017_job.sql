CREATE TABLE job (
  id BIGINT NOT NULL AUTO_INCREMENT PRIMARY KEY,
  kind VARCHAR(40) NOT NULL,
  subject_id CHAR(36) NOT NULL,
  words VARCHAR(300) NOT NULL,
  state VARCHAR(20) NOT NULL CHECK (state IN ('waiting', 'running', 'done', 'failed', 'cancelled')),
  attempts INT NOT NULL DEFAULT 0,
  lease_token CHAR(36) NULL,
  lease_until DATETIME(3) NULL,
  run_after DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  cancel_asked BOOLEAN NOT NULL DEFAULT FALSE,
  progress_done BIGINT NOT NULL DEFAULT 0,
  progress_total BIGINT NOT NULL DEFAULT 0,
  message TEXT NULL,
  created_at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  finished_at DATETIME(3) NULL,
  KEY (state, run_after, id),
  KEY (kind, subject_id)
);

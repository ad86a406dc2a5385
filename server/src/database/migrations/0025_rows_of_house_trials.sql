-- What it would do to each
CREATE TABLE IF NOT EXISTS house_trial_row (
  id CHAR(36) NOT NULL PRIMARY KEY,
  trial_id CHAR(36) NOT NULL,
  asset_id CHAR(36) NOT NULL,
  ordinal INT NOT NULL,
  state ENUM('waiting', 'planned', 'taken', 'failed', 'changed') NOT NULL DEFAULT 'waiting',
  plan MEDIUMTEXT NULL,
  message VARCHAR(1000) NULL,
  UNIQUE KEY (trial_id, ordinal),
  KEY (asset_id),
  FOREIGN KEY (trial_id) REFERENCES house_trial (id) ON DELETE CASCADE,
  FOREIGN KEY (asset_id) REFERENCES asset (id) ON DELETE CASCADE
);

CREATE TABLE find (
  id CHAR(36) NOT NULL PRIMARY KEY,
  arrival_id CHAR(36) NOT NULL,
  ordinal INT NOT NULL,
  name VARCHAR(250) NOT NULL,
  model_path VARCHAR(2048) NOT NULL,
  reason VARCHAR(500) NOT NULL,
  state VARCHAR(20) NOT NULL CHECK (state IN ('waiting', 'read', 'failed', 'on-bench', 'set-aside')),
  message TEXT NULL,
  FOREIGN KEY (arrival_id) REFERENCES arrival (id) ON DELETE CASCADE
);

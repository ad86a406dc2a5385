-- Tries that failed, by account and by address, and until when no other is taken

CREATE TABLE IF NOT EXISTS failed_try (
  who VARCHAR(220) NOT NULL PRIMARY KEY,
  failed INT NOT NULL,
  last_at DATETIME(3) NOT NULL,
  open_at DATETIME(3) NOT NULL,
  KEY (last_at)
);

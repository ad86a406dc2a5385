-- Opens once, for one person, who chooses a password by it

CREATE TABLE IF NOT EXISTS person_link (
  person_id CHAR(36) NOT NULL PRIMARY KEY,
  token_hash CHAR(64) NOT NULL UNIQUE,
  made_by CHAR(36) NOT NULL,
  expires_at DATETIME(3) NOT NULL,
  FOREIGN KEY (person_id) REFERENCES person (id) ON DELETE CASCADE,
  FOREIGN KEY (made_by) REFERENCES person (id)
);

-- A token is its role at most: a person who is less makes it less

CREATE TABLE IF NOT EXISTS program_token (
  id CHAR(36) NOT NULL PRIMARY KEY,
  token_hash CHAR(64) NOT NULL UNIQUE,
  person_id CHAR(36) NOT NULL,
  name VARCHAR(120) NOT NULL,
  role VARCHAR(20) NOT NULL CHECK (role IN ('guest', 'artist', 'curator', 'owner')),
  created_at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  last_used_at DATETIME(3) NULL,
  expires_at DATETIME(3) NOT NULL,
  FOREIGN KEY (person_id) REFERENCES person (id) ON DELETE CASCADE
);

-- Folders of the server whose files arrive by themselves, and what is known of those that come out of them
CREATE TABLE IF NOT EXISTS watched_folder (
  id CHAR(36) NOT NULL PRIMARY KEY,
  path VARCHAR(500) NOT NULL,
  together VARCHAR(10) NOT NULL CHECK (together IN ('each', 'folders')),
  afterwards VARCHAR(10) NOT NULL CHECK (afterwards IN ('stay', 'move', 'mark')),
  author VARCHAR(300) NOT NULL,
  source VARCHAR(300) NOT NULL,
  trouble TEXT NULL,
  person_id CHAR(36) NOT NULL,
  created_at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  UNIQUE KEY (path),
  FOREIGN KEY (person_id) REFERENCES person (id)
);

-- Links by which people without an account give models: what they ask for, and until when
CREATE TABLE IF NOT EXISTS giving_link (
  id CHAR(36) NOT NULL PRIMARY KEY,
  token_hash CHAR(64) NOT NULL,
  name VARCHAR(120) NOT NULL,
  words TEXT NOT NULL,
  ends_on DATE NOT NULL,
  most_gifts INT NOT NULL,
  most_bytes BIGINT NOT NULL,
  kinds VARCHAR(200) NOT NULL,
  licences TEXT NOT NULL,
  person_id CHAR(36) NOT NULL,
  created_at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  ended_at DATETIME(3) NULL,
  UNIQUE KEY (token_hash),
  FOREIGN KEY (person_id) REFERENCES person (id)
);

-- Steps chosen once and done to many models
CREATE TABLE IF NOT EXISTS house_treatment (
  id CHAR(36) NOT NULL PRIMARY KEY,
  name VARCHAR(120) NOT NULL,
  number INT NOT NULL,
  rules MEDIUMTEXT NOT NULL,
  person_id CHAR(36) NOT NULL,
  changed_at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  FOREIGN KEY (person_id) REFERENCES person (id)
);

-- One of them tried on a set of assets, as its rules were then. Without a person it is done on arrival, and taken at once
CREATE TABLE IF NOT EXISTS house_trial (
  id CHAR(36) NOT NULL PRIMARY KEY,
  treatment_id CHAR(36) NOT NULL,
  number INT NOT NULL,
  rules MEDIUMTEXT NOT NULL,
  person_id CHAR(36) NULL,
  started_at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  KEY (treatment_id, started_at),
  FOREIGN KEY (treatment_id) REFERENCES house_treatment (id) ON DELETE CASCADE,
  FOREIGN KEY (person_id) REFERENCES person (id)
);

CREATE TABLE licence_change (
  id BIGINT NOT NULL AUTO_INCREMENT PRIMARY KEY,
  licence_id VARCHAR(100) NOT NULL,
  before_terms LONGTEXT NULL COMMENT 'null: it was new',
  after_terms LONGTEXT NOT NULL,
  why TEXT NOT NULL,
  person_id CHAR(36) NOT NULL,
  at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  KEY (licence_id),
  FOREIGN KEY (person_id) REFERENCES person (id)
);

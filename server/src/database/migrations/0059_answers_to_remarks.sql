CREATE TABLE IF NOT EXISTS remark_answer (
  id CHAR(36) NOT NULL PRIMARY KEY,
  remark_id CHAR(36) NOT NULL,
  text TEXT NOT NULL,
  person_id CHAR(36) NOT NULL,
  at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  KEY (remark_id, at),
  FOREIGN KEY (remark_id) REFERENCES remark (id) ON DELETE CASCADE,
  FOREIGN KEY (person_id) REFERENCES person (id)
);

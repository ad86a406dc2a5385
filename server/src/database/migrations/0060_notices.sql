CREATE TABLE IF NOT EXISTS notice (
  id CHAR(36) NOT NULL PRIMARY KEY,
  person_id CHAR(36) NOT NULL,
  remark_id CHAR(36) NOT NULL,
  answer_id CHAR(36) NULL COMMENT 'null: told of the remark itself',
  reason VARCHAR(20) NOT NULL,
  at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  read_at DATETIME(3) NULL,
  KEY (person_id, read_at),
  KEY (person_id, at),
  FOREIGN KEY (person_id) REFERENCES person (id) ON DELETE CASCADE,
  FOREIGN KEY (remark_id) REFERENCES remark (id) ON DELETE CASCADE,
  FOREIGN KEY (answer_id) REFERENCES remark_answer (id) ON DELETE CASCADE
);

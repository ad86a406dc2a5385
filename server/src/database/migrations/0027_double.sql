CREATE TABLE double_pair (
  id CHAR(36) NOT NULL PRIMARY KEY,
  find_id CHAR(36) NOT NULL,
  other_find_id CHAR(36) NOT NULL,
  relation VARCHAR(20) NOT NULL,
  differences LONGTEXT NOT NULL,
  decision VARCHAR(20) NULL CHECK (decision IN ('same', 'both', 'newer')),
  person_id CHAR(36) NULL,
  decided_at DATETIME(3) NULL,
  UNIQUE KEY (find_id, other_find_id),
  KEY (other_find_id),
  FOREIGN KEY (find_id) REFERENCES find (id) ON DELETE CASCADE,
  FOREIGN KEY (other_find_id) REFERENCES find (id) ON DELETE CASCADE,
  FOREIGN KEY (person_id) REFERENCES person (id)
);

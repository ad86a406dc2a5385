CREATE TABLE kit (
  id CHAR(36) NOT NULL PRIMARY KEY,
  arrival_id CHAR(36) NOT NULL,
  name VARCHAR(250) NOT NULL,
  reason VARCHAR(500) NOT NULL,
  source_find_id CHAR(36) NULL,
  KEY (source_find_id),
  FOREIGN KEY (arrival_id) REFERENCES arrival (id) ON DELETE CASCADE
);

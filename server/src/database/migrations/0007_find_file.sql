CREATE TABLE find_file (
  find_id CHAR(36) NOT NULL,
  arrival_file_id BIGINT NOT NULL,
  role VARCHAR(20) NOT NULL,
  PRIMARY KEY (find_id, arrival_file_id),
  KEY (arrival_file_id),
  FOREIGN KEY (find_id) REFERENCES find (id) ON DELETE CASCADE,
  FOREIGN KEY (arrival_file_id) REFERENCES arrival_file (id) ON DELETE CASCADE
);

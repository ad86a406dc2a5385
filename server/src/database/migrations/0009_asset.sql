CREATE TABLE asset (
  id CHAR(36) NOT NULL PRIMARY KEY,
  accession INT NOT NULL AUTO_INCREMENT UNIQUE,
  find_id CHAR(36) NOT NULL UNIQUE,
  reading_id CHAR(36) NOT NULL,
  name VARCHAR(200) NOT NULL,
  category VARCHAR(40) NULL,
  state VARCHAR(20) NOT NULL CHECK (state IN ('on-bench', 'in-review', 'catalogued', 'withdrawn')),
  findings LONGTEXT NOT NULL,
  licence_confirmed BOOLEAN NOT NULL DEFAULT FALSE,
  current_version_id CHAR(36) NULL,
  search_text TEXT NOT NULL,
  created_at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  catalogued_at DATETIME(3) NULL,
  FULLTEXT KEY (search_text),
  KEY (state),
  FOREIGN KEY (find_id) REFERENCES find (id),
  FOREIGN KEY (reading_id) REFERENCES reading (id)
);

CREATE TABLE provenance (
  asset_id CHAR(36) NOT NULL PRIMARY KEY,
  title VARCHAR(300) NOT NULL,
  author VARCHAR(300) NOT NULL,
  author_unknown BOOLEAN NOT NULL,
  licence_id VARCHAR(100) NOT NULL,
  source VARCHAR(300) NOT NULL,
  page_url VARCHAR(1000) NOT NULL,
  page_text MEDIUMTEXT NOT NULL,
  KEY (licence_id),
  FOREIGN KEY (asset_id) REFERENCES asset (id) ON DELETE CASCADE
);

CREATE TABLE further_work (
  id CHAR(36) NOT NULL PRIMARY KEY,
  asset_id CHAR(36) NOT NULL,
  position INT NOT NULL AUTO_INCREMENT UNIQUE,
  part VARCHAR(20) NOT NULL CHECK (part IN ('maps', 'part', 'based-on', 'motion', 'other')),
  title VARCHAR(300) NOT NULL,
  author VARCHAR(300) NOT NULL,
  author_unknown BOOLEAN NOT NULL,
  author_url VARCHAR(1000) NOT NULL,
  licence_id VARCHAR(200) NOT NULL,
  source VARCHAR(300) NOT NULL,
  page_url VARCHAR(1000) NOT NULL,
  KEY (asset_id),
  KEY (licence_id),
  FOREIGN KEY (asset_id) REFERENCES asset (id) ON DELETE CASCADE
);

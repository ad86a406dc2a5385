-- Pages that assets are from, as they were when they were last asked: by the hash of their address, which may be long
CREATE TABLE IF NOT EXISTS asked_page (
  id CHAR(64) NOT NULL PRIMARY KEY,
  address VARCHAR(1000) NOT NULL,
  said MEDIUMTEXT NULL,
  etag VARCHAR(500) NULL,
  last_modified VARCHAR(100) NULL,
  asked_at DATETIME(3) NOT NULL,
  answered_at DATETIME(3) NULL,
  next_at DATETIME(3) NULL,
  trouble_kind VARCHAR(30) NULL,
  trouble TEXT NULL,
  KEY (next_at)
);

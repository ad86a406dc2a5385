-- What a page said otherwise than it did, and the word of the house on it; the page itself lies in the store
CREATE TABLE IF NOT EXISTS page_change (
  id CHAR(36) NOT NULL PRIMARY KEY,
  page_id CHAR(64) NOT NULL,
  what VARCHAR(20) NOT NULL,
  was TEXT NOT NULL,
  became TEXT NOT NULL,
  item MEDIUMTEXT NULL,
  page_sha256 CHAR(64) NULL,
  seen_at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  settled_as VARCHAR(10) NULL,
  settled_by CHAR(36) NULL,
  settled_at DATETIME(3) NULL,
  why VARCHAR(1000) NOT NULL DEFAULT '',
  KEY (page_id, settled_at),
  KEY (settled_at),
  FOREIGN KEY (page_id) REFERENCES asked_page (id),
  FOREIGN KEY (settled_by) REFERENCES person (id)
);

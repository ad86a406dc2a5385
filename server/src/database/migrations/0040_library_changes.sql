-- Assets whose row in the library is another now; written by triggers, so that no writer can forget it
CREATE TABLE IF NOT EXISTS library_change (
  id BIGINT NOT NULL AUTO_INCREMENT PRIMARY KEY,
  accession INT NOT NULL,
  at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  KEY (at)
);

CREATE TABLE IF NOT EXISTS standing (
  asset_id CHAR(36) NOT NULL PRIMARY KEY,
  picture_sha256 CHAR(64) NULL COMMENT 'from the front, as it will be',
  box TEXT NULL COMMENT 'metres, or the lengths of its file where it has no size',
  message TEXT NULL COMMENT 'why it could not be drawn',
  FOREIGN KEY (asset_id) REFERENCES asset (id) ON DELETE CASCADE
);

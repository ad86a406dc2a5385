-- Words an asset is found by beside its name, in the order they were said

CREATE TABLE IF NOT EXISTS asset_tag (
  asset_id CHAR(36) NOT NULL,
  ordinal SMALLINT NOT NULL,
  tag VARCHAR(40) NOT NULL,
  PRIMARY KEY (asset_id, tag),
  KEY (tag),
  FOREIGN KEY (asset_id) REFERENCES asset (id) ON DELETE CASCADE
);

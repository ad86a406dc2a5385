CREATE TABLE IF NOT EXISTS asset_change (
  id BIGINT NOT NULL AUTO_INCREMENT PRIMARY KEY,
  act_id CHAR(36) NOT NULL,
  asset_id CHAR(36) NOT NULL,
  field VARCHAR(20) NOT NULL COMMENT 'of a tag: what came, or what went',
  before_value VARCHAR(300) NOT NULL,
  after_value VARCHAR(300) NOT NULL,
  KEY (asset_id),
  FOREIGN KEY (act_id) REFERENCES asset_act (id) ON DELETE CASCADE,
  FOREIGN KEY (asset_id) REFERENCES asset (id) ON DELETE CASCADE
);

-- Of what another asset lends something to: worked out from the steps of a treatment and of versions, so that the lender's rights follow
CREATE TABLE IF NOT EXISTS borrowing (
  asset_id CHAR(36) NOT NULL,
  lender_id CHAR(36) NOT NULL,
  part VARCHAR(20) NOT NULL,
  PRIMARY KEY (asset_id, lender_id, part),
  KEY (lender_id),
  FOREIGN KEY (asset_id) REFERENCES asset (id) ON DELETE CASCADE,
  FOREIGN KEY (lender_id) REFERENCES asset (id)
);

ALTER TABLE asset
  ADD COLUMN stands_for CHAR(36) NULL,
  ADD CONSTRAINT asset_stands_for FOREIGN KEY (stands_for) REFERENCES asset (id) ON DELETE SET NULL;

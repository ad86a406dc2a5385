-- Which of them an asset has, and as it was when it was taken
CREATE TABLE IF NOT EXISTS asset_house_treatment (
  asset_id CHAR(36) NOT NULL,
  treatment_id CHAR(36) NOT NULL,
  number INT NOT NULL,
  taken_at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  PRIMARY KEY (asset_id, treatment_id),
  KEY (treatment_id, number),
  FOREIGN KEY (asset_id) REFERENCES asset (id) ON DELETE CASCADE,
  FOREIGN KEY (treatment_id) REFERENCES house_treatment (id) ON DELETE CASCADE
);

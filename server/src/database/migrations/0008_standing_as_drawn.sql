ALTER TABLE standing ADD COLUMN IF NOT EXISTS steps_sha256 CHAR(64) NULL COMMENT 'of the steps it was drawn with: what is confirmed is what was seen';

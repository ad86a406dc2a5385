ALTER TABLE hand_over ADD COLUMN IF NOT EXISTS stays_until INT NULL COMMENT 'number of the newest version somebody decided not to take';

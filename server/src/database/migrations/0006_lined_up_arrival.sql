ALTER TABLE arrival ADD COLUMN IF NOT EXISTS lined_up BOOLEAN NOT NULL DEFAULT FALSE COMMENT 'what is still read of it goes into the line-up by itself';

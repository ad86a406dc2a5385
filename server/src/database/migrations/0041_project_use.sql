ALTER TABLE project
  ADD COLUMN intended_use TEXT NOT NULL DEFAULT '' COMMENT 'JSON; empty: only commercial is known',
  ADD COLUMN ended_at DATETIME(3) NULL COMMENT 'null: live';

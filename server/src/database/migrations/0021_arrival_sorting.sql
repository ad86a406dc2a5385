ALTER TABLE arrival
  MODIFY state VARCHAR(20) NOT NULL CHECK (state IN ('receiving', 'opening', 'locked', 'reading', 'ready', 'failed', 'cancelled')),
  ADD notes LONGTEXT NOT NULL DEFAULT '[]',
  ADD locked LONGTEXT NOT NULL DEFAULT '[]',
  ADD passwords TEXT NOT NULL DEFAULT '[]',
  ADD joined_into CHAR(36) NULL;

-- Nobody has a password before their link is used; who was removed keeps their name on what they did

ALTER TABLE person
  MODIFY role VARCHAR(20) NOT NULL CHECK (role IN ('guest', 'artist', 'curator', 'owner')),
  MODIFY password_hash VARCHAR(300) NULL,
  ADD COLUMN IF NOT EXISTS removed_at DATETIME(3) NULL,
  ADD COLUMN IF NOT EXISTS last_seen_at DATETIME(3) NULL;

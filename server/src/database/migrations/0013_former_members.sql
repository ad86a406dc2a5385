-- Whoever might do everything becomes a curator; owners stay owners

ALTER TABLE person MODIFY role VARCHAR(20) NOT NULL CHECK (role IN ('guest', 'artist', 'curator', 'owner', 'member'));

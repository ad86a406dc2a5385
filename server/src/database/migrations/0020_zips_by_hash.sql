ALTER TABLE hand_over ADD KEY IF NOT EXISTS zip_sha256 (zip_sha256);

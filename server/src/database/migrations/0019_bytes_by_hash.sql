-- A guest asks for bytes by their hash: may they have them?

ALTER TABLE version
  ADD KEY IF NOT EXISTS thumbnail_sha256 (thumbnail_sha256),
  ADD KEY IF NOT EXISTS orthographic_sha256 (orthographic_sha256),
  ADD KEY IF NOT EXISTS model_sha256 (model_sha256);

CREATE TRIGGER IF NOT EXISTS library_asset_went AFTER DELETE ON asset FOR EACH ROW
  INSERT INTO library_change (accession) VALUES (OLD.accession);

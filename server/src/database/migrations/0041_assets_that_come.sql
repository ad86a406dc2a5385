CREATE TRIGGER IF NOT EXISTS library_asset_came AFTER INSERT ON asset FOR EACH ROW
  INSERT INTO library_change (accession) VALUES (NEW.accession);

CREATE TRIGGER IF NOT EXISTS library_provenance_came AFTER INSERT ON provenance FOR EACH ROW
  INSERT INTO library_change (accession) SELECT accession FROM asset WHERE asset.id = NEW.asset_id;

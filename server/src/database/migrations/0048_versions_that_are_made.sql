CREATE TRIGGER IF NOT EXISTS library_version_changed AFTER UPDATE ON version FOR EACH ROW
  INSERT INTO library_change (accession) SELECT accession FROM asset WHERE asset.id = NEW.asset_id AND asset.current_version_id = NEW.id;

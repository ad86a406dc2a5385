CREATE TRIGGER IF NOT EXISTS library_use_changed AFTER UPDATE ON hand_over FOR EACH ROW
  INSERT INTO library_change (accession) SELECT accession FROM asset WHERE asset.id = NEW.asset_id AND NOT (NEW.state <=> OLD.state);

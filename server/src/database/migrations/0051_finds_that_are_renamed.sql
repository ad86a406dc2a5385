CREATE TRIGGER IF NOT EXISTS library_find_changed AFTER UPDATE ON find FOR EACH ROW
  INSERT INTO library_change (accession) SELECT accession FROM asset WHERE asset.find_id = NEW.id AND NOT (NEW.name <=> OLD.name AND NEW.arrival_id <=> OLD.arrival_id);

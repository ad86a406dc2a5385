CREATE TRIGGER IF NOT EXISTS library_provenance_changed AFTER UPDATE ON provenance FOR EACH ROW
  INSERT INTO library_change (accession) SELECT accession FROM asset WHERE asset.id = NEW.asset_id
    AND NOT (NEW.title <=> OLD.title AND NEW.author <=> OLD.author AND NEW.licence_id <=> OLD.licence_id AND NEW.source <=> OLD.source);

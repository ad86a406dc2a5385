CREATE TRIGGER IF NOT EXISTS library_asset_changed AFTER UPDATE ON asset FOR EACH ROW
  INSERT INTO library_change (accession) SELECT NEW.accession FROM DUAL
  WHERE NOT (NEW.name <=> OLD.name AND NEW.category <=> OLD.category AND NEW.state <=> OLD.state AND NEW.reading_id <=> OLD.reading_id
    AND NEW.current_version_id <=> OLD.current_version_id AND NEW.taken_down <=> OLD.taken_down);

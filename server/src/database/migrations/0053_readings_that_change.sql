CREATE TRIGGER IF NOT EXISTS library_reading_changed AFTER UPDATE ON reading FOR EACH ROW
  INSERT INTO library_change (accession) SELECT accession FROM asset WHERE asset.reading_id = NEW.id
    AND NOT (NEW.document_sha256 <=> OLD.document_sha256 AND NEW.thumbnail_sha256 <=> OLD.thumbnail_sha256);

CREATE TRIGGER IF NOT EXISTS library_tag_came AFTER INSERT ON asset_tag FOR EACH ROW
  INSERT INTO library_change (accession) SELECT accession FROM asset WHERE asset.id = NEW.asset_id;

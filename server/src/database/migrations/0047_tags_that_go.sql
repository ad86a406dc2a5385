CREATE TRIGGER IF NOT EXISTS library_tag_went AFTER DELETE ON asset_tag FOR EACH ROW
  INSERT INTO library_change (accession) SELECT accession FROM asset WHERE asset.id = OLD.asset_id;

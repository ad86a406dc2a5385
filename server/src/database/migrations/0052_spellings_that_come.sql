CREATE TRIGGER IF NOT EXISTS library_alias_came AFTER INSERT ON author_alias FOR EACH ROW
  INSERT INTO library_change (accession) SELECT accession FROM asset JOIN provenance ON provenance.asset_id = asset.id WHERE provenance.author = NEW.name;

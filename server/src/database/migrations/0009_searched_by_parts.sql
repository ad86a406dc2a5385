-- what is here already is found by the parts of its name as well
UPDATE asset JOIN find ON find.id = asset.find_id SET asset.search_text = CONCAT(asset.search_text, ' ', REPLACE(CONCAT(asset.name, ' ', find.name), '_', ' '));

DELETE piece FROM piece LEFT JOIN find ON find.id = piece.find_id WHERE piece.find_id IS NOT NULL AND find.id IS NULL;

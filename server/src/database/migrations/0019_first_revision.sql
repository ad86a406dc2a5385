INSERT INTO revision (id, value) VALUES (1, 1);

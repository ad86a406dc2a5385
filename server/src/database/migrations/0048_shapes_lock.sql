INSERT INTO setting (name, value) VALUES ('shapes-lock', '');

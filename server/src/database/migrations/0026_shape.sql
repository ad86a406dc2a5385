CREATE TABLE shape (
  find_id CHAR(36) NOT NULL PRIMARY KEY,
  triangles INT NOT NULL,
  reach DOUBLE NOT NULL,
  middle DOUBLE NOT NULL,
  small DOUBLE NOT NULL,
  fullness DOUBLE NOT NULL,
  hand DOUBLE NOT NULL,
  profile TEXT NOT NULL,
  maps TEXT NOT NULL,
  KEY (middle, small, fullness),
  FOREIGN KEY (find_id) REFERENCES find (id) ON DELETE CASCADE
);

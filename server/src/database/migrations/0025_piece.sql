CREATE TABLE piece (
  kit_id CHAR(36) NOT NULL,
  ordinal INT NOT NULL,
  name VARCHAR(250) NOT NULL,
  selector LONGTEXT NOT NULL,
  triangles INT NOT NULL,
  width DOUBLE NOT NULL,
  height DOUBLE NOT NULL,
  depth DOUBLE NOT NULL,
  place LONGTEXT NOT NULL,
  picture_sha256 CHAR(64) NULL,
  picture_width DOUBLE NULL,
  picture_height DOUBLE NULL,
  find_id CHAR(36) NULL,
  message VARCHAR(500) NULL,
  PRIMARY KEY (kit_id, ordinal),
  UNIQUE KEY (find_id),
  FOREIGN KEY (kit_id) REFERENCES kit (id) ON DELETE CASCADE
);

CREATE TABLE map_picture (
  sha256 CHAR(64) NOT NULL PRIMARY KEY,
  look_version INT NOT NULL,
  facts LONGTEXT NOT NULL
);

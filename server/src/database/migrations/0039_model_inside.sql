-- What a model is found by beside its name: belongs to its bytes, which a version or a reading names
CREATE TABLE IF NOT EXISTS model_inside (
  sha256 CHAR(64) NOT NULL PRIMARY KEY,
  materials TEXT NOT NULL COMMENT 'a name a line',
  parts MEDIUMTEXT NOT NULL COMMENT 'a name a line',
  colours VARCHAR(100) NOT NULL COMMENT 'the largest first, a comma between',
  traits VARCHAR(200) NOT NULL COMMENT 'a comma between'
);

CREATE TABLE naming_habit (
  id CHAR(36) NOT NULL PRIMARY KEY,
  applies_by VARCHAR(20) NOT NULL CHECK (applies_by IN ('archive', 'site', 'source')),
  pattern VARCHAR(250) NOT NULL,
  words LONGTEXT NOT NULL,
  unit VARCHAR(20) NULL,
  up_axis CHAR(1) NULL,
  two_sided_foliage BOOLEAN NULL,
  person_id CHAR(36) NOT NULL,
  changed_at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  FOREIGN KEY (person_id) REFERENCES person (id)
);

-- The starting schema. Every statement may run twice: MariaDB commits at each of them.
-- From here on a change is a numbered file of its own with one statement.

-- People

CREATE TABLE IF NOT EXISTS person (
  id CHAR(36) NOT NULL PRIMARY KEY,
  sign_in VARCHAR(190) NOT NULL UNIQUE,
  name VARCHAR(190) NOT NULL,
  role VARCHAR(20) NOT NULL CHECK (role IN ('owner', 'member')),
  password_hash VARCHAR(300) NOT NULL,
  must_change BOOLEAN NOT NULL,
  created_at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3)
);

CREATE TABLE IF NOT EXISTS session (
  token_hash CHAR(64) NOT NULL PRIMARY KEY,
  person_id CHAR(36) NOT NULL,
  created_at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  expires_at DATETIME(3) NOT NULL,
  FOREIGN KEY (person_id) REFERENCES person (id) ON DELETE CASCADE
);

-- What arrived, and what was found in it

CREATE TABLE IF NOT EXISTS arrival (
  id CHAR(36) NOT NULL PRIMARY KEY,
  name VARCHAR(250) NOT NULL,
  state VARCHAR(20) NOT NULL CHECK (state IN ('receiving', 'opening', 'locked', 'reading', 'ready', 'failed', 'cancelled')),
  message TEXT NULL,
  refused LONGTEXT NOT NULL,
  notes LONGTEXT NOT NULL DEFAULT '[]',
  locked LONGTEXT NOT NULL DEFAULT '[]',
  passwords TEXT NOT NULL DEFAULT '[]',
  person_id CHAR(36) NOT NULL,
  created_at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  joined_into CHAR(36) NULL,
  KEY (created_at),
  FOREIGN KEY (person_id) REFERENCES person (id)
);

CREATE TABLE IF NOT EXISTS received (
  id CHAR(36) NOT NULL PRIMARY KEY,
  arrival_id CHAR(36) NOT NULL,
  path VARCHAR(1024) NOT NULL,
  size_bytes BIGINT NOT NULL,
  upload_id VARCHAR(64) NULL,
  sha256 CHAR(64) NULL,
  FOREIGN KEY (arrival_id) REFERENCES arrival (id) ON DELETE CASCADE
);

CREATE TABLE IF NOT EXISTS arrival_file (
  id BIGINT NOT NULL AUTO_INCREMENT PRIMARY KEY,
  arrival_id CHAR(36) NOT NULL,
  path VARCHAR(2048) NOT NULL,
  sha256 CHAR(64) NOT NULL,
  size_bytes BIGINT NOT NULL,
  kind VARCHAR(20) NOT NULL,
  format VARCHAR(20) NOT NULL,
  summary VARCHAR(200) NOT NULL,
  width INT NULL,
  height INT NULL,
  excluded_reason VARCHAR(300) NULL,
  inside LONGTEXT NULL,
  stem VARCHAR(190) AS (LEFT(LCASE(SUBSTRING_INDEX(SUBSTRING_INDEX(path, '/', -1), '.', 1)), 190)) STORED,
  KEY (sha256),
  KEY (stem),
  FOREIGN KEY (arrival_id) REFERENCES arrival (id) ON DELETE CASCADE
);

CREATE TABLE IF NOT EXISTS kit (
  id CHAR(36) NOT NULL PRIMARY KEY,
  arrival_id CHAR(36) NOT NULL,
  name VARCHAR(250) NOT NULL,
  reason VARCHAR(500) NOT NULL,
  source_find_id CHAR(36) NULL,
  KEY (source_find_id),
  FOREIGN KEY (arrival_id) REFERENCES arrival (id) ON DELETE CASCADE
);

CREATE TABLE IF NOT EXISTS find (
  id CHAR(36) NOT NULL PRIMARY KEY,
  arrival_id CHAR(36) NOT NULL,
  ordinal INT NOT NULL,
  name VARCHAR(250) NOT NULL,
  model_path VARCHAR(2048) NOT NULL,
  reason VARCHAR(500) NOT NULL,
  state VARCHAR(20) NOT NULL CHECK (state IN ('waiting', 'read', 'failed', 'on-bench', 'set-aside')),
  message TEXT NULL,
  question LONGTEXT NULL,
  kit_id CHAR(36) NULL,
  FOREIGN KEY (arrival_id) REFERENCES arrival (id) ON DELETE CASCADE,
  FOREIGN KEY (kit_id) REFERENCES kit (id) ON DELETE SET NULL
);

CREATE TABLE IF NOT EXISTS find_file (
  find_id CHAR(36) NOT NULL,
  arrival_file_id BIGINT NOT NULL,
  role VARCHAR(20) NOT NULL,
  PRIMARY KEY (find_id, arrival_file_id),
  FOREIGN KEY (find_id) REFERENCES find (id) ON DELETE CASCADE,
  FOREIGN KEY (arrival_file_id) REFERENCES arrival_file (id) ON DELETE CASCADE
);

CREATE TABLE IF NOT EXISTS piece (
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
  find_id CHAR(36) NULL UNIQUE,
  PRIMARY KEY (kit_id, ordinal),
  FOREIGN KEY (find_id) REFERENCES find (id) ON DELETE CASCADE,
  FOREIGN KEY (kit_id) REFERENCES kit (id) ON DELETE CASCADE
);

CREATE TABLE IF NOT EXISTS reading (
  id CHAR(36) NOT NULL PRIMARY KEY,
  find_id CHAR(36) NOT NULL,
  reader_version INT NOT NULL,
  document_sha256 CHAR(64) NOT NULL,
  thumbnail_sha256 CHAR(64) NULL,
  source LONGTEXT NOT NULL,
  log LONGTEXT NOT NULL,
  rights LONGTEXT NOT NULL,
  proposed LONGTEXT NOT NULL COMMENT 'provenance by the evidence alone',
  stated LONGTEXT NOT NULL,
  findings LONGTEXT NOT NULL,
  figures LONGTEXT NOT NULL,
  maps LONGTEXT NOT NULL,
  unused_maps LONGTEXT NOT NULL,
  size_question LONGTEXT NULL COMMENT 'null: nothing of it has an extent',
  created_at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  UNIQUE KEY (find_id, reader_version),
  FOREIGN KEY (find_id) REFERENCES find (id) ON DELETE CASCADE
);

CREATE TABLE IF NOT EXISTS regrouping (
  id BIGINT NOT NULL AUTO_INCREMENT PRIMARY KEY,
  arrival_id CHAR(36) NOT NULL,
  path VARCHAR(2048) NOT NULL,
  role VARCHAR(20) NOT NULL,
  model_path VARCHAR(2048) NULL,
  person_id CHAR(36) NOT NULL,
  at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  FOREIGN KEY (arrival_id) REFERENCES arrival (id) ON DELETE CASCADE,
  FOREIGN KEY (person_id) REFERENCES person (id)
);

CREATE TABLE IF NOT EXISTS naming_habit (
  id CHAR(36) NOT NULL PRIMARY KEY,
  applies_by VARCHAR(20) NOT NULL CHECK (applies_by IN ('archive', 'site', 'source')),
  pattern VARCHAR(250) NOT NULL,
  words LONGTEXT NOT NULL COMMENT 'each with what it means in a name',
  unit VARCHAR(20) NULL,
  up_axis CHAR(1) NULL,
  two_sided_foliage BOOLEAN NULL,
  person_id CHAR(36) NOT NULL,
  changed_at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  front VARCHAR(2) NULL,
  FOREIGN KEY (person_id) REFERENCES person (id)
);

-- What a find is known again by

CREATE TABLE IF NOT EXISTS shape (
  find_id CHAR(36) NOT NULL PRIMARY KEY,
  triangles INT NOT NULL,
  radius_of_gyration DOUBLE NOT NULL,
  middle_spread DOUBLE NOT NULL,
  smallest_spread DOUBLE NOT NULL,
  fullness DOUBLE NOT NULL,
  handedness DOUBLE NOT NULL,
  profile TEXT NOT NULL,
  maps TEXT NOT NULL,
  KEY (middle_spread, smallest_spread, fullness),
  FOREIGN KEY (find_id) REFERENCES find (id) ON DELETE CASCADE
);

CREATE TABLE IF NOT EXISTS duplicate_pair (
  id CHAR(36) NOT NULL PRIMARY KEY,
  find_id CHAR(36) NOT NULL,
  other_find_id CHAR(36) NOT NULL,
  relation VARCHAR(20) NOT NULL,
  differences LONGTEXT NOT NULL,
  decision VARCHAR(20) NULL CHECK (decision IN ('same', 'both', 'newer')),
  person_id CHAR(36) NULL,
  decided_at DATETIME(3) NULL,
  UNIQUE KEY (find_id, other_find_id),
  FOREIGN KEY (find_id) REFERENCES find (id) ON DELETE CASCADE,
  FOREIGN KEY (other_find_id) REFERENCES find (id) ON DELETE CASCADE,
  FOREIGN KEY (person_id) REFERENCES person (id)
);

-- The house

CREATE TABLE IF NOT EXISTS house_rule (
  name VARCHAR(60) NOT NULL PRIMARY KEY,
  value TEXT NOT NULL,
  person_id CHAR(36) NOT NULL,
  at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  FOREIGN KEY (person_id) REFERENCES person (id)
);

CREATE TABLE IF NOT EXISTS house_material (
  id CHAR(36) NOT NULL PRIMARY KEY,
  name VARCHAR(120) NOT NULL UNIQUE,
  factors LONGTEXT NOT NULL,
  maps LONGTEXT NOT NULL,
  person_id CHAR(36) NOT NULL,
  at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  FOREIGN KEY (person_id) REFERENCES person (id)
);

CREATE TABLE IF NOT EXISTS licence (
  id VARCHAR(100) NOT NULL PRIMARY KEY,
  terms LONGTEXT NOT NULL,
  text MEDIUMTEXT NOT NULL,
  person_id CHAR(36) NOT NULL,
  at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  FOREIGN KEY (person_id) REFERENCES person (id)
);

CREATE TABLE IF NOT EXISTS licence_change (
  id BIGINT NOT NULL AUTO_INCREMENT PRIMARY KEY,
  licence_id VARCHAR(100) NOT NULL,
  before_terms LONGTEXT NULL COMMENT 'null: it was new',
  after_terms LONGTEXT NOT NULL,
  why TEXT NOT NULL,
  person_id CHAR(36) NOT NULL,
  at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  KEY (licence_id),
  FOREIGN KEY (person_id) REFERENCES person (id)
);

-- Assets, their treatment and their versions

CREATE TABLE IF NOT EXISTS asset (
  id CHAR(36) NOT NULL PRIMARY KEY,
  accession INT NOT NULL AUTO_INCREMENT UNIQUE,
  find_id CHAR(36) NOT NULL UNIQUE,
  reading_id CHAR(36) NOT NULL,
  name VARCHAR(200) NOT NULL,
  category VARCHAR(40) NULL,
  state VARCHAR(20) NOT NULL CHECK (state IN ('on-bench', 'catalogued')),
  findings LONGTEXT NOT NULL,
  licence_confirmed BOOLEAN NOT NULL DEFAULT FALSE,
  current_version_id CHAR(36) NULL,
  search_text TEXT NOT NULL,
  created_at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  catalogued_at DATETIME(3) NULL,
  own_provenance BOOLEAN NOT NULL DEFAULT FALSE,
  licence_confirmed_by CHAR(36) NULL COMMENT 'the first of two, where the house asks for two',
  taken_down TEXT NULL COMMENT 'why, where it was taken down',
  taken_down_at DATETIME(3) NULL,
  rights_mark VARCHAR(10) NOT NULL DEFAULT 'unmarked' COMMENT 'worst open finding of its rights',
  rights_title VARCHAR(300) NOT NULL DEFAULT '',
  rights_detail VARCHAR(600) NOT NULL DEFAULT '',
  stands_for CHAR(36) NULL,
  size_question LONGTEXT NULL,
  KEY (state),
  KEY (rights_mark, accession),
  FULLTEXT KEY (search_text),
  FOREIGN KEY (find_id) REFERENCES find (id),
  FOREIGN KEY (reading_id) REFERENCES reading (id),
  FOREIGN KEY (stands_for) REFERENCES asset (id) ON DELETE SET NULL
);

CREATE TABLE IF NOT EXISTS answer (
  asset_id CHAR(36) NOT NULL,
  finding_key VARCHAR(190) NOT NULL,
  answer LONGTEXT NOT NULL,
  person_id CHAR(36) NOT NULL,
  at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  PRIMARY KEY (asset_id, finding_key),
  FOREIGN KEY (asset_id) REFERENCES asset (id) ON DELETE CASCADE,
  FOREIGN KEY (person_id) REFERENCES person (id)
);

CREATE TABLE IF NOT EXISTS treatment_step (
  id CHAR(36) NOT NULL PRIMARY KEY,
  asset_id CHAR(36) NOT NULL,
  taken_order BIGINT NOT NULL AUTO_INCREMENT UNIQUE,
  finding_key VARCHAR(190) NULL,
  step LONGTEXT NOT NULL,
  enabled BOOLEAN NOT NULL,
  person_id CHAR(36) NOT NULL,
  FOREIGN KEY (asset_id) REFERENCES asset (id) ON DELETE CASCADE,
  FOREIGN KEY (person_id) REFERENCES person (id)
);

CREATE TABLE IF NOT EXISTS version (
  id CHAR(36) NOT NULL PRIMARY KEY,
  asset_id CHAR(36) NOT NULL,
  number INT NOT NULL,
  reading_id CHAR(36) NOT NULL,
  steps LONGTEXT NOT NULL,
  code LONGTEXT NOT NULL,
  state VARCHAR(20) NOT NULL CHECK (state IN ('making', 'made', 'failed')),
  message TEXT NULL,
  has_size BOOLEAN NOT NULL,
  model_sha256 CHAR(64) NULL,
  thumbnail_sha256 CHAR(64) NULL,
  orthographic_sha256 CHAR(64) NULL,
  orthographic_width DOUBLE NULL,
  orthographic_height DOUBLE NULL,
  triangles INT NULL,
  map_side INT NULL,
  figures_before LONGTEXT NULL,
  figures_after LONGTEXT NULL,
  outcomes LONGTEXT NULL,
  checks LONGTEXT NULL,
  person_id CHAR(36) NOT NULL,
  created_at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  UNIQUE KEY (asset_id, number),
  FOREIGN KEY (asset_id) REFERENCES asset (id) ON DELETE CASCADE,
  FOREIGN KEY (reading_id) REFERENCES reading (id),
  FOREIGN KEY (person_id) REFERENCES person (id)
);

-- Rights

CREATE TABLE IF NOT EXISTS provenance (
  asset_id CHAR(36) NOT NULL PRIMARY KEY,
  title VARCHAR(300) NOT NULL,
  author VARCHAR(300) NOT NULL,
  author_unknown BOOLEAN NOT NULL,
  licence_id VARCHAR(200) NOT NULL,
  source VARCHAR(300) NOT NULL,
  page_url VARCHAR(1000) NOT NULL,
  page_text MEDIUMTEXT NOT NULL,
  author_url VARCHAR(1000) NOT NULL DEFAULT '',
  stated_grant VARCHAR(1000) NOT NULL DEFAULT '',
  acquired_on VARCHAR(10) NOT NULL DEFAULT '',
  acquired_by VARCHAR(200) NOT NULL DEFAULT '',
  price VARCHAR(60) NOT NULL DEFAULT '',
  receipt VARCHAR(200) NOT NULL DEFAULT '',
  claims VARCHAR(2000) NOT NULL DEFAULT '',
  client VARCHAR(200) NOT NULL DEFAULT '',
  agreement VARCHAR(300) NOT NULL DEFAULT '',
  expires_on VARCHAR(10) NOT NULL DEFAULT '' COMMENT 'empty: it does not end',
  seats INT NULL,
  territory VARCHAR(200) NOT NULL DEFAULT '',
  KEY (licence_id),
  KEY (author(100)),
  KEY (source(100)),
  KEY (expires_on),
  FOREIGN KEY (asset_id) REFERENCES asset (id) ON DELETE CASCADE
);

CREATE TABLE IF NOT EXISTS provenance_change (
  id BIGINT NOT NULL AUTO_INCREMENT PRIMARY KEY,
  asset_id CHAR(36) NOT NULL,
  field VARCHAR(40) NOT NULL,
  before_value MEDIUMTEXT NOT NULL,
  after_value MEDIUMTEXT NOT NULL,
  person_id CHAR(36) NULL COMMENT 'null: read by Haveld',
  at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  why TEXT NOT NULL DEFAULT '',
  evidence_id CHAR(36) NULL,
  KEY (field, at),
  FOREIGN KEY (asset_id) REFERENCES asset (id) ON DELETE CASCADE,
  FOREIGN KEY (person_id) REFERENCES person (id)
);

CREATE TABLE IF NOT EXISTS further_work (
  id CHAR(36) NOT NULL PRIMARY KEY,
  asset_id CHAR(36) NOT NULL,
  position INT NOT NULL AUTO_INCREMENT UNIQUE,
  part VARCHAR(20) NOT NULL CHECK (part IN ('maps', 'part', 'based-on', 'motion', 'other')),
  title VARCHAR(300) NOT NULL,
  author VARCHAR(300) NOT NULL,
  author_unknown BOOLEAN NOT NULL,
  author_url VARCHAR(1000) NOT NULL,
  licence_id VARCHAR(200) NOT NULL,
  source VARCHAR(300) NOT NULL,
  page_url VARCHAR(1000) NOT NULL,
  KEY (licence_id),
  FOREIGN KEY (asset_id) REFERENCES asset (id) ON DELETE CASCADE
);

CREATE TABLE IF NOT EXISTS evidence (
  id CHAR(36) NOT NULL PRIMARY KEY,
  kind VARCHAR(20) NOT NULL CHECK (kind IN ('text', 'page', 'mail', 'receipt', 'agreement', 'note')),
  name VARCHAR(300) NOT NULL,
  note TEXT NOT NULL,
  sha256 CHAR(64) NOT NULL,
  size_bytes BIGINT NOT NULL,
  person_id CHAR(36) NOT NULL,
  at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  FOREIGN KEY (person_id) REFERENCES person (id)
);

CREATE TABLE IF NOT EXISTS asset_evidence (
  asset_id CHAR(36) NOT NULL,
  evidence_id CHAR(36) NOT NULL,
  PRIMARY KEY (asset_id, evidence_id),
  FOREIGN KEY (asset_id) REFERENCES asset (id) ON DELETE CASCADE,
  FOREIGN KEY (evidence_id) REFERENCES evidence (id)
);

CREATE TABLE IF NOT EXISTS author_alias (
  alias VARCHAR(300) NOT NULL PRIMARY KEY,
  name VARCHAR(300) NOT NULL,
  person_id CHAR(36) NOT NULL,
  at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  FOREIGN KEY (person_id) REFERENCES person (id)
);

-- Maps

CREATE TABLE IF NOT EXISTS map_picture (
  sha256 CHAR(64) NOT NULL PRIMARY KEY,
  look_version INT NOT NULL,
  facts LONGTEXT NOT NULL
);

CREATE TABLE IF NOT EXISTS map_memory (
  author VARCHAR(300) NOT NULL,
  wanted VARCHAR(300) NOT NULL,
  slot VARCHAR(30) NOT NULL,
  taken_stem VARCHAR(300) NOT NULL,
  taken_sha256 CHAR(64) NOT NULL,
  asset_id CHAR(36) NOT NULL,
  person_id CHAR(36) NOT NULL,
  at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  PRIMARY KEY (author(150), wanted(150), slot),
  FOREIGN KEY (asset_id) REFERENCES asset (id) ON DELETE CASCADE,
  FOREIGN KEY (person_id) REFERENCES person (id)
);

-- Projects

CREATE TABLE IF NOT EXISTS project (
  id CHAR(36) NOT NULL PRIMARY KEY,
  name VARCHAR(200) NOT NULL,
  purpose VARCHAR(500) NOT NULL,
  intended_use TEXT NOT NULL,
  created_at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  ended_at DATETIME(3) NULL COMMENT 'null: live'
);

CREATE TABLE IF NOT EXISTS hand_over (
  id CHAR(36) NOT NULL PRIMARY KEY,
  project_id CHAR(36) NOT NULL,
  asset_id CHAR(36) NOT NULL,
  version_id CHAR(36) NOT NULL,
  format VARCHAR(10) NOT NULL CHECK (format IN ('glb', 'gltf', 'obj')),
  maps VARCHAR(20) NOT NULL CHECK (maps IN ('as-they-are', 'png', 'jpeg', 'webp', 'ktx2')),
  state VARCHAR(20) NOT NULL CHECK (state IN ('packing', 'packed', 'failed')),
  message TEXT NULL,
  credits LONGTEXT NOT NULL,
  verdict LONGTEXT NOT NULL,
  zip_sha256 CHAR(64) NULL,
  size_bytes BIGINT NULL,
  checks LONGTEXT NULL,
  person_id CHAR(36) NOT NULL,
  created_at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  FOREIGN KEY (project_id) REFERENCES project (id),
  FOREIGN KEY (asset_id) REFERENCES asset (id),
  FOREIGN KEY (version_id) REFERENCES version (id),
  FOREIGN KEY (person_id) REFERENCES person (id)
);

CREATE TABLE IF NOT EXISTS project_duty (
  project_id CHAR(36) NOT NULL,
  asset_id CHAR(36) NOT NULL,
  kind VARCHAR(30) NOT NULL,
  person_id CHAR(36) NOT NULL,
  at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  PRIMARY KEY (project_id, asset_id, kind),
  FOREIGN KEY (project_id) REFERENCES project (id),
  FOREIGN KEY (asset_id) REFERENCES asset (id) ON DELETE CASCADE,
  FOREIGN KEY (person_id) REFERENCES person (id)
);

CREATE TABLE IF NOT EXISTS project_reopening (
  id BIGINT NOT NULL AUTO_INCREMENT PRIMARY KEY,
  project_id CHAR(36) NOT NULL,
  asset_id CHAR(36) NOT NULL,
  why TEXT NOT NULL,
  at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  settled_by CHAR(36) NULL,
  settled_at DATETIME(3) NULL,
  settled_note TEXT NOT NULL DEFAULT '',
  KEY (project_id, settled_at),
  FOREIGN KEY (project_id) REFERENCES project (id),
  FOREIGN KEY (asset_id) REFERENCES asset (id) ON DELETE CASCADE,
  FOREIGN KEY (settled_by) REFERENCES person (id)
);

-- Work and settings

CREATE TABLE IF NOT EXISTS job (
  id BIGINT NOT NULL AUTO_INCREMENT PRIMARY KEY,
  kind VARCHAR(40) NOT NULL,
  subject_id CHAR(36) NOT NULL,
  label VARCHAR(300) NOT NULL,
  state VARCHAR(20) NOT NULL CHECK (state IN ('waiting', 'running', 'done', 'failed', 'cancelled')),
  attempts INT NOT NULL DEFAULT 0,
  lease_token CHAR(36) NULL,
  lease_until DATETIME(3) NULL,
  run_after DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  cancel_asked BOOLEAN NOT NULL DEFAULT FALSE,
  progress_done BIGINT NOT NULL DEFAULT 0,
  progress_total BIGINT NOT NULL DEFAULT 0,
  message TEXT NULL,
  created_at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3),
  finished_at DATETIME(3) NULL,
  detail LONGTEXT NULL,
  KEY (state, id),
  KEY (kind, subject_id)
);

CREATE TABLE IF NOT EXISTS revision (
  id TINYINT NOT NULL PRIMARY KEY,
  value BIGINT NOT NULL
);

CREATE TABLE IF NOT EXISTS setting (
  name VARCHAR(60) NOT NULL PRIMARY KEY,
  value VARCHAR(200) NOT NULL
);

INSERT IGNORE INTO revision (id, value) VALUES (1, 1);

INSERT IGNORE INTO setting (name, value) VALUES ('shapes-lock', '');

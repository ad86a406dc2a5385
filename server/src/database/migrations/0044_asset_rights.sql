ALTER TABLE asset
  ADD COLUMN licence_confirmed_by CHAR(36) NULL COMMENT 'the first of two, where the house asks for two',
  ADD COLUMN taken_down TEXT NULL COMMENT 'why, where it was taken down',
  ADD COLUMN taken_down_at DATETIME(3) NULL,
  ADD COLUMN rights_mark VARCHAR(10) NOT NULL DEFAULT 'unread' COMMENT 'worst open finding of its rights; unread: to be worked out',
  ADD COLUMN rights_title VARCHAR(300) NOT NULL DEFAULT '',
  ADD COLUMN rights_detail VARCHAR(600) NOT NULL DEFAULT '',
  ADD KEY (rights_mark);

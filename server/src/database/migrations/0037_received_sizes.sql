-- Is a file here already? Asked by its length for whole lists of a source
CREATE INDEX IF NOT EXISTS size_bytes ON received (size_bytes);

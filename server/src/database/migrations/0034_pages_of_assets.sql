-- Which assets are from a page is asked whenever it is looked at again
CREATE INDEX IF NOT EXISTS page_url ON provenance (page_url(200));

-- Which arrivals became another is asked for each that is shown: a gift stays marked as one
CREATE INDEX IF NOT EXISTS joined_into ON arrival (joined_into);

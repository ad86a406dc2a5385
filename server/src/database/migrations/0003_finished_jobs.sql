-- Old work is found by its day, and purged.
ALTER TABLE job ADD KEY IF NOT EXISTS finished (state, finished_at);

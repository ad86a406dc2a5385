-- The next download of a source is treated on arrival
ALTER TABLE naming_habit ADD COLUMN IF NOT EXISTS house_treatment_id CHAR(36) NULL REFERENCES house_treatment (id) ON DELETE SET NULL;

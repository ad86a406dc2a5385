ALTER TABLE treatment_step MODIFY person_id CHAR(36) NULL;

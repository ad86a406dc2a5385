-- What Haveld took because it was sure was taken by nobody.
ALTER TABLE answer MODIFY person_id CHAR(36) NULL;

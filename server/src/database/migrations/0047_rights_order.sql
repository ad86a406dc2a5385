ALTER TABLE asset DROP KEY rights_mark, ADD KEY rights_order (rights_mark, accession);

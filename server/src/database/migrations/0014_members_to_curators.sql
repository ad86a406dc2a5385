UPDATE person SET role = 'curator' WHERE role = 'member';

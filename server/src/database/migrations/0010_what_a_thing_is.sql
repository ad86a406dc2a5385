-- a category says what a thing is; how large or heavy it may be is a budget
UPDATE asset SET category = 'prop' WHERE category IN ('small prop', 'large');

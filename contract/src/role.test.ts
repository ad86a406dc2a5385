import { lesserRole, mayAs, ROLES } from './role';

test('each role may what those before it may, and nothing of those after it', () => {
  for (const [i, role] of ROLES.entries())
    for (const [k, least] of ROLES.entries()) expect(mayAs(role, least)).toBe(i >= k);
});

test('of two roles the lesser one decides, whichever stands first', () => {
  expect(lesserRole('owner', 'guest')).toBe('guest');
  expect(lesserRole('artist', 'curator')).toBe('artist');
  expect(lesserRole('curator', 'curator')).toBe('curator');
});

import { useState } from 'react';
import { render } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { QueryClientProvider } from '@tanstack/react-query';
import { createQueries } from '../frame';
import { screen } from '../testing/render-at';
import { LicenceField } from './licence-field';

beforeEach(() => {
  globalThis.fetch = () => Promise.resolve({ ok: true, status: 200, json: () => Promise.resolve([]) } as Response);
});

function open(begin: string) {
  const given: string[] = [];
  const sent: string[] = [];
  function Form() {
    const [value, setValue] = useState(begin);
    return (
      <form
        onSubmit={(event) => {
          event.preventDefault();
          sent.push(value);
        }}
      >
        <LicenceField
          id="licence"
          value={value}
          onChange={(next) => {
            given.push(next);
            setValue(next);
          }}
        />
        <button type="submit">Save</button>
      </form>
    );
  }
  render(
    <QueryClientProvider client={createQueries()}>
      <Form />
    </QueryClientProvider>,
  );
  return {
    user: userEvent.setup({ delay: null }),
    given,
    sent,
    field: screen.getByLabelText<HTMLInputElement>('Licence'),
  };
}

test('a licence stands there by its name, not by its number', () => {
  expect(open('CC-BY-4.0').field.value).toBe('Creative Commons Attribution 4.0 International');
});

test('what is typed of one country offers that one first, and keeps it', async () => {
  const { user, given, field } = open('');
  await user.type(field, 'by 3.0 us');
  expect(screen.getAllByRole('option')[0].textContent).toContain('CC-BY-3.0-US');
  await user.keyboard('{ArrowDown}{Enter}');
  expect(given).toEqual(['CC-BY-3.0-US']);
});

test('words in any order find it, and choosing gives its number', async () => {
  const { user, given, field } = open('');
  await user.type(field, 'noncommercial 4.0 attribution');
  const options = screen.getAllByRole('option').map(({ textContent }) => textContent);
  expect(options.every((one) => /non-?commercial/i.test(one ?? ''))).toBe(true);
  await user.click(screen.getByRole('option', { name: /Attribution-NonCommercial 4\.0 International CC-BY-NC-4\.0/ }));
  expect(given).toEqual(['CC-BY-NC-4.0']);
});

test('Enter in the open list chooses and does not send the form with what stood there before', async () => {
  const { user, given, sent, field } = open('CC0-1.0');
  await user.clear(field);
  await user.type(field, 'Attribution 4.0 International');
  await user.keyboard('{ArrowDown}{Enter}');
  expect(sent).toEqual([]);
  expect(given.at(-1)).toMatch(/^CC-BY/);
});

test.each([
  ['cc-by-4.0', 'CC-BY-4.0'],
  ['creative commons attribution 4.0 international', 'CC-BY-4.0'],
  ['MIT OR CC-BY-4.0', 'MIT OR CC-BY-4.0'],
])('left with “%s” typed it is %s', async (typed, id) => {
  const { user, given, field } = open('');
  await user.type(field, typed);
  await user.tab();
  expect(given.at(-1)).toBe(id);
});

test('what is no licence stays as it was typed, to be seen', async () => {
  const { user, given, field } = open('');
  await user.type(field, 'my own words');
  await user.tab();
  expect(given.at(-1)).toBe('my own words');
});

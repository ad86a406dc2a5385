import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { createUnconnectedApp } from '../testing/unconnected-app';
import { listServedBytes, listServedEndpoints } from './serve-endpoint';

const DOCUMENT = join(import.meta.dirname, '../../../docs/roles.md');

/** Rows of the table, without the padding a formatter gives them. */
const rowsOf = (text: string): string[] =>
  text
    .split('\n')
    .filter((line) => line.startsWith('| `'))
    .map((line) =>
      line
        .split('|')
        .map((cell) => cell.trim())
        .join('|'),
    );

test('docs/roles.md names every route with who may, as it is', () => {
  const app = createUnconnectedApp();
  const rows = [...listServedEndpoints(app), ...listServedBytes(app)]
    .map(
      ({ method, path, may, inPerson, summary }) =>
        `| \`${method.toUpperCase()} ${path}\` | ${may}${inPerson ? ', in person' : ''} | ${summary} |`,
    )
    .sort();
  expect(rowsOf(readFileSync(DOCUMENT, 'utf8'))).toEqual(rowsOf(rows.join('\n')));
});

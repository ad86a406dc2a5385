import { identifyFile } from '../finds/identify';
import { detectRights } from '../rights/detect';
import { createLicenceTextIndex } from '../rights/reading/licence-text-index';
import { readShortcut } from './shortcut';

const AT = 'https://quayside-models.example/models/bell-buoy?a=1&b=2';
const URL_FILE = `[{000214A0-0000-0000-C000-000000000046}]\r\nProp3=19,2\r\n[InternetShortcut]\r\nIDList=\r\nURL=${AT}\r\n`;
const WEBLOC = `<?xml version="1.0" encoding="UTF-8"?>\n<plist version="1.0"><dict>\n<key>URL</key>\n<string>${AT.replace('&', '&amp;')}</string></dict></plist>`;
const DESKTOP = `[Desktop Entry]\nEncoding=UTF-8\nName=Bell buoy\nType=Link\nURL=${AT}\n`;

test.each([
  ['page.url', URL_FILE],
  ['Bell buoy.webloc', WEBLOC],
  ['buoy.desktop', DESKTOP],
])('%s leads to the page', (path, text) => {
  expect(readShortcut(text, path)).toBe(AT);
  expect(identifyFile(path, new TextEncoder().encode(text))).toMatchObject({ kind: 'text', format: 'shortcut' });
});

test.each([
  ['a.url', '[InternetShortcut]\nURL=file:///C:/Windows/System32/calc.exe\n'],
  ['a.url', '[InternetShortcut]\nURL=javascript:alert(1)\n'],
  ['a.url', 'URL=https://a.example'],
  ['a.desktop', `[Desktop Entry]\nType=Application\nExec=rm -rf ~\nURL=${AT}\n`],
  ['a.webloc', '<plist><dict><key>URL</key><string>nonsense</string></dict></plist>'],
  ['a.txt', URL_FILE],
])('%s: %j leads nowhere', (path, text) => {
  expect(readShortcut(text, path)).toBeNull();
});

test('what starts something stays a script, whatever it is called', () => {
  const file = '[InternetShortcut]\nURL=file:///C:/Windows/System32/calc.exe\n';
  expect(identifyFile('a.url', new TextEncoder().encode(file)).kind).not.toBe('text');
});

test('a shortcut beside a model says which page it is from', () => {
  const found = detectRights(
    { texts: [{ file: 'buoy/page.url', text: URL_FILE, firstLine: 1 }] },
    { model: 'buoy/buoy.obj', files: ['buoy/buoy.obj'] },
    createLicenceTextIndex({}),
  );
  expect(found.sources).toMatchObject([{ url: AT, evidence: { file: 'buoy/page.url' } }]);
});

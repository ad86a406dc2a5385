import { readHandedMessage, sayReady, writeBookmarklet } from './bookmarklet';

const opener = {} as Window;
const page = { kind: 'haveld-page', address: 'https://a.example/models/crate', html: '<p>Crate</p>' };
const message = (change: object = {}) => ({ source: opener, origin: 'https://a.example', data: page, ...change });

test('a page is taken from the window that opened this one, and only about itself', () => {
  expect(readHandedMessage(message(), opener)).toEqual(page);
  expect(readHandedMessage(message({ source: {} }), opener)).toBeNull();
  expect(readHandedMessage(message({ source: null }), null)).toBeNull();
  expect(readHandedMessage(message({ origin: 'https://b.example' }), opener)).toBeNull();
});

test.each([
  ['what is no page', { ...page, kind: 'other' }],
  ['an address that is none of the web', { ...page, address: 'javascript:alert(1)' }],
  ['a file of somebody’s disk', { ...page, address: 'file:///etc/passwd' }],
  ['a page without words', { ...page, html: '' }],
  ['text', 'haveld-page'],
  ['nothing', null],
])('%s is left', (_, data) => {
  expect(readHandedMessage(message({ data }), opener)).toBeNull();
});

/** Runs the bookmarklet on a page, with a window of this house that can be told to say something. */
function run(origin: string) {
  const sent: { data: unknown; to: string }[] = [];
  const opened = { postMessage: (data: unknown, to: string) => sent.push({ data, to }) };
  const heard: ((event: object) => void)[] = [];
  const addresses: string[] = [];
  const code = writeBookmarklet(origin).replace(/^javascript:/, 'return ');
  // eslint-disable-next-line @typescript-eslint/no-implied-eval -- what a browser does with a bookmark
  new Function('open', 'addEventListener', 'removeEventListener', 'location', 'document', code)(
    (address: string) => (addresses.push(address), opened),
    (_: string, listener: (event: object) => void) => heard.push(listener),
    (_: string, listener: (event: object) => void) => heard.splice(heard.indexOf(listener), 1),
    { href: page.address },
    { documentElement: { outerHTML: '<html><p>Crate</p></html>' } },
  );
  return {
    sent,
    heard,
    addresses,
    say: (event: object) => heard.forEach((listener) => listener({ source: opened, ...event })),
  };
}

test('the bookmarklet hands the page to this house once it says that it is there, and to nobody else', () => {
  const { sent, heard, addresses, say } = run('https://haveld.example');
  expect(addresses).toEqual(['https://haveld.example/arrivals/from-page']);
  say({ origin: 'https://elsewhere.example', data: 'haveld-ready' });
  say({ origin: 'https://haveld.example', data: 'something else' });
  say({ origin: 'https://haveld.example', data: 'haveld-ready', source: {} });
  expect(sent).toEqual([]);
  let ready: unknown = null;
  sayReady({ postMessage: (data: unknown) => (ready = data) } as unknown as Window);
  say({ origin: 'https://haveld.example', data: ready });
  expect(sent).toEqual([
    {
      to: 'https://haveld.example',
      data: { kind: 'haveld-page', address: page.address, html: '<!doctype html><html><p>Crate</p></html>' },
    },
  ]);
  expect(readHandedMessage(message({ data: sent[0].data }), opener)).not.toBeNull();
  // it hands over once
  expect(heard).toEqual([]);
});

test('nothing that lets anybody in lies in the bookmarklet', () => {
  expect(writeBookmarklet('https://haveld.example')).not.toMatch(/token|cookie|authorization|haveld_/i);
});

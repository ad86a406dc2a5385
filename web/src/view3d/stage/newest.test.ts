import { Newest } from './newest';

/** A load that ends when it is told to. */
function onItsWay<T>(value: T) {
  let arrive: (value: T) => void = () => undefined;
  const coming = new Promise<T>((resolve) => (arrive = resolve));
  return { load: () => coming, arrive: () => arrive(value) };
}

test('an older model that is read later than a newer one is let go, not shown', async () => {
  const newest = new Newest<'treated'>();
  const freed: string[] = [];
  const older = onItsWay('older');
  const newer = onItsWay('newer');
  const first = newest.bring('treated', older.load, (late) => freed.push(late));
  const second = newest.bring('treated', newer.load, (late) => freed.push(late));
  newer.arrive();
  expect(await second).toEqual({ late: false, value: 'newer' });
  older.arrive();
  expect(await first).toEqual({ late: true });
  expect(freed).toEqual(['older']);
});

test('each side waits for itself alone', async () => {
  const newest = new Newest<'received' | 'treated'>();
  const received = newest.bring(
    'received',
    () => Promise.resolve(1),
    () => undefined,
  );
  const treated = newest.bring(
    'treated',
    () => Promise.resolve(2),
    () => undefined,
  );
  expect(await Promise.all([received, treated])).toEqual([
    { late: false, value: 1 },
    { late: false, value: 2 },
  ]);
});

test('nothing arrives once the view is closed', async () => {
  const newest = new Newest<'treated'>();
  const freed: string[] = [];
  const model = onItsWay('model');
  const shown = newest.bring('treated', model.load, (late) => freed.push(late));
  newest.end();
  model.arrive();
  expect(await shown).toEqual({ late: true });
  expect(freed).toEqual(['model']);
});

test('what cannot be read says so, and the next is shown', async () => {
  const newest = new Newest<'treated'>();
  await expect(
    newest.bring(
      'treated',
      () => Promise.reject(new Error('no GLB')),
      () => undefined,
    ),
  ).rejects.toThrow('no GLB');
  expect(
    await newest.bring(
      'treated',
      () => Promise.resolve('next'),
      () => undefined,
    ),
  ).toEqual({
    late: false,
    value: 'next',
  });
});

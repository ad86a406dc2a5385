import { getHouseRules, saveHouseRules } from '@haveld/contract/api/house';
import { useLibrary } from '../testing/use-library';
import { mayOpen } from './may-open';

const given = useLibrary();

test('without walls files are opened, unless the house says otherwise; with them always', async () => {
  await mayOpen(given.library.pool, 'limits');
  const rules = await given.client.call(getHouseRules);
  await given.client.call(saveHouseRules, { body: { ...rules, opensOnlyShutIn: true } });
  await expect(mayOpen(given.library.pool, 'limits')).rejects.toThrow('this system has no sandbox');
  await mayOpen(given.library.pool, 'shut-in');
});

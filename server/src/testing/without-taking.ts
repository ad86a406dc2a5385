import { getHouseRules, saveHouseRules } from '@haveld/contract/api/house';
import type { TestClient } from './test-library';

/** Does something in a house that leaves what is sure to its people; its rules are as before afterwards. */
export async function withoutTaking<T>(client: TestClient, act: () => Promise<T>): Promise<T> {
  const rules = await client.call(getHouseRules);
  await client.call(saveHouseRules, { body: { ...rules, takesSure: false } });
  try {
    return await act();
  } finally {
    await client.call(saveHouseRules, { body: rules });
  }
}

import { expect, test } from '@playwright/test';
import { PERSON } from './library';

test('the demo studio is there after the first start', async ({ request }) => {
  test.setTimeout(270_000);
  await expect(async () => expect((await request.post('/api/sign-in', { data: PERSON })).ok()).toBe(true)).toPass({
    timeout: 120_000,
    intervals: [4000],
  });
  await expect(async () => {
    const projects = (await (await request.get('/api/projects')).json()) as { name: string; uses: number }[];
    const work = (await (await request.get('/api/progress')).json()) as { running: unknown[] };
    expect(projects.find((project) => project.name.startsWith('Tide House'))?.uses).toBe(3);
    expect(work.running).toEqual([]);
  }).toPass({ timeout: 150_000 });
});

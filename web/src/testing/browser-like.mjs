import { TestEnvironment } from 'jest-environment-jsdom';

/** What every browser has and jsdom does not, as Node has it. */
const LACKING = [
  'AbortController',
  'AbortSignal',
  'Headers',
  'Request',
  'Response',
  'TextDecoder',
  'TextEncoder',
  'structuredClone',
];

/** jsdom with the rest of what a page may call. */
export default class BrowserLike extends TestEnvironment {
  async setup() {
    await super.setup();
    for (const name of LACKING) this.global[name] = globalThis[name];
  }
}

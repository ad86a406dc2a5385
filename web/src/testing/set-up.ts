import { TextDecoder, TextEncoder } from 'node:util';

/** What jsdom lacks and the screens rest on. */
class NoResizeObserver implements ResizeObserver {
  observe(): void {}
  unobserve(): void {}
  disconnect(): void {}
}
Object.assign(globalThis, { TextDecoder, TextEncoder, ResizeObserver: NoResizeObserver });
Element.prototype.scrollIntoView = () => undefined;
globalThis.matchMedia = (media) =>
  ({ media, matches: false, addEventListener: () => undefined, removeEventListener: () => undefined }) as never;

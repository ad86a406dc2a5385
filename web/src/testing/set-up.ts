/** What jsdom lacks and a page without a layout needs none of. */
class NoResizeObserver implements ResizeObserver {
  observe(): void {}
  unobserve(): void {}
  disconnect(): void {}
}
globalThis.ResizeObserver = NoResizeObserver;
globalThis.CSS = { escape: (text: string) => text.replace(/[^\w-]/g, '\\$&') } as never;
Element.prototype.scrollIntoView = () => undefined;
globalThis.matchMedia = (media) =>
  ({ media, matches: false, addEventListener: () => undefined, removeEventListener: () => undefined }) as never;

/** Styles decide nothing here, and working them out for every question is most of the time: hidden is what says it is. */
globalThis.getComputedStyle = ((element: Element) => ({
  display: (element as HTMLElement).hidden ? 'none' : 'block',
  visibility: 'visible',
  pointerEvents: 'auto',
  getPropertyValue: () => '',
})) as never;

/** No picture is drawn; what wants to draw is told so. */
HTMLCanvasElement.prototype.getContext = () => null;

/** Three says so twice that nothing can be drawn; the screen's own sentence is what counts. */
const say = console.error;
console.error = (...words: unknown[]) => {
  if (!String(words[0]).startsWith('THREE.WebGLRenderer')) say(...words);
};

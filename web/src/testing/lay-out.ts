/** Gives everything a size: jsdom lays nothing out, and long lists draw what is in view alone. */
export function layOut({ width, height }: { width: number; height: number }): void {
  const sizes: Record<string, number> = {
    offsetWidth: width,
    offsetHeight: height,
    clientWidth: width,
    clientHeight: height,
  };
  for (const [name, value] of Object.entries(sizes))
    Object.defineProperty(HTMLElement.prototype, name, { configurable: true, get: () => value });
  Element.prototype.getBoundingClientRect = () => new DOMRect(0, 0, width, height);
}

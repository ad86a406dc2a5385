/** The address of another database of the same server. */
export function addressOf(server: string, name: string): string {
  const address = new URL(server);
  address.pathname = `/${name}`;
  return address.href;
}

import type { Reach } from '@haveld/engine/fetching/reach';

/** @param words `quay.example=127.0.0.1:4281,…` @throws {Error} for what is no host with an address */
export const readStandIns = (words: string): Reach['standIns'] =>
  new Map(
    words
      .split(',')
      .filter((each) => each.trim() !== '')
      .map((each) => {
        const [, host, address, port] = /^([a-z0-9.-]+)=([\d.]+):(\d+)$/.exec(each.trim()) ?? [];
        if (!host) throw new Error(`HAVELD_STAND_INS: no host with an address, got “${each}”`);
        return [host, { address, port: Number(port) }];
      }),
  );

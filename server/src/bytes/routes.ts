import { Readable } from 'node:stream';
import { getBytes } from '@haveld/contract/api/bytes';
import { DomainError } from '@haveld/contract/error';
import { mayAs } from '@haveld/contract/role';
import type { Dependencies } from '../dependencies';
import { serveBytes, type App } from '../http/serve-endpoint';
import { mayGuestHave } from './guest-bytes';

/** Kinds of bytes a browser is told the type of; all else is plain bytes to be saved. */
const TYPES: Record<string, string> = { png: 'image/png', glb: 'model/gltf-binary', zip: 'application/zip' };

/** Bytes by their hash: they never change, so a browser may keep them for ever. */
export function addBytesRoutes(app: App, { pool, store }: Dependencies): void {
  serveBytes(app, getBytes, async (context, person) => {
    const sha256 = context.req.param('sha256') ?? '';
    if (!/^[0-9a-f]{64}$/.test(sha256)) throw new DomainError('bad-request', 'This is not a SHA-256.');
    // whether it is there is told to nobody who may not have it
    if (!mayAs(person.role, 'artist') && !(await mayGuestHave(pool, sha256)))
      throw new DomainError('not-found', 'There is no such file, or guests may not have it.');
    const size = await store.sizeOf(sha256);
    if (size === null) throw new DomainError('not-found', 'This file is not in the store.');
    const name = context.req.query('name');
    const headers: Record<string, string> = {
      'Content-Type': TYPES[context.req.query('type') ?? ''] ?? 'application/octet-stream',
      'Content-Length': String(size),
      'Cache-Control': 'private, max-age=31536000, immutable',
    };
    if (name) headers['Content-Disposition'] = `attachment; filename*=UTF-8''${encodeURIComponent(name)}`;
    return new Response(Readable.toWeb(store.openRead(sha256)) as ReadableStream, { headers });
  });
}

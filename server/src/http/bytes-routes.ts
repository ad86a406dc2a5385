import { Readable } from 'node:stream';
import { DomainError } from '@haveld/contract/error';
import type { Dependencies } from '../dependencies';
import type { App } from './serve-endpoint';

/** Kinds of bytes a browser is told the type of; all else is plain bytes to be saved. */
const TYPES: Record<string, string> = { png: 'image/png', glb: 'model/gltf-binary', zip: 'application/zip' };

/** Bytes by their hash: they never change, so a browser may keep them for ever. */
export function addBytesRoutes(app: App, { store }: Dependencies): void {
  app.get('/api/bytes/:sha256', async (context) => {
    const sha256 = context.req.param('sha256');
    if (!/^[0-9a-f]{64}$/.test(sha256)) throw new DomainError('bad-request', 'This is not a SHA-256.');
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

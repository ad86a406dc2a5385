import { rm } from 'node:fs/promises';
import { join } from 'node:path';
import { FileStore } from '@tus/file-store';
import { Server } from '@tus/server';
import { DomainError } from '@haveld/contract/error';
import type { Dependencies } from '../dependencies';
import type { App } from '../http/serve-endpoint';
import { findReceived, noteUploaded } from './service';

const PATH = '/api/uploads';

const KEPT_MS = 7 * 24 * 3600 * 1000;

/** Where resumable uploads lie. One that nobody goes on with for a week is swept. */
export const createUploadStore = (directory: string): FileStore =>
  new FileStore({ directory, expirationPeriodInMilliseconds: KEPT_MS });

/** Resumable uploads (tus 1.0): an upload cut off by a dead line or a dead server goes on where it stopped. */
export function addUploadRoutes(app: App, dependencies: Dependencies): void {
  const tus = new Server({
    path: PATH,
    datastore: createUploadStore(dependencies.uploadsFolder),
    relativeLocation: true,
    respectForwardedHeaders: false,
    async onUploadCreate(_request, upload) {
      const received = await findReceived(dependencies.pool, upload.metadata?.receivedId ?? '');
      if (!received) throw { status_code: 404, body: 'This upload was not announced.' };
      if (received.sizeBytes !== upload.size)
        throw { status_code: 400, body: `“${received.path}” was announced with ${received.sizeBytes} bytes.` };
      return {};
    },
    async onUploadFinish(_request, upload) {
      await noteUploaded(dependencies, upload.metadata?.receivedId ?? '', upload.id);
      return {};
    },
  });
  const handle = (request: Request): Promise<Response> => tus.handleWeb(request);
  app.all(PATH, (context) => handle(context.req.raw));
  app.all(`${PATH}/*`, (context) => handle(context.req.raw));
}

/** Where an upload's bytes lie. @throws {Error} for an id that is no plain name */
export function uploadPath(folder: string, uploadId: string): string {
  if (!/^[0-9a-f-]{16,64}$/i.test(uploadId)) throw new DomainError('bad-request', 'This upload has no proper name.');
  return join(folder, uploadId);
}

/** Takes an upload's file away once its bytes are in the store and the row says so. */
export async function removeUpload(folder: string, uploadId: string): Promise<void> {
  await rm(uploadPath(folder, uploadId), { force: true });
  await rm(`${uploadPath(folder, uploadId)}.json`, { force: true });
}

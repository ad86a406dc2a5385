import { randomUUID } from 'node:crypto';
import { readdir, rm } from 'node:fs/promises';
import { join } from 'node:path';
import { FileStore } from '@tus/file-store';
import { Metadata, Server } from '@tus/server';
import type { Context } from 'hono';
import * as contract from '@haveld/contract/api/bytes';
import type { BytesEndpoint } from '@haveld/contract/api/endpoint';
import type { Person } from '@haveld/contract/api/people';
import { DomainError } from '@haveld/contract/error';
import type { Executor } from '../database/pool';
import type { Dependencies } from '../dependencies';
import { serveBytes, type App } from '../http/serve-endpoint';
import { findWhoseReceived, type ReceivedRow } from './queries';
import { findReceived, noteUploaded } from './service';

const KEPT_MS = 7 * 24 * 3600 * 1000;

/** Where resumable uploads lie. One that nobody goes on with for a week is swept. */
export const createUploadStore = (directory: string): FileStore =>
  new FileStore({ directory, expirationPeriodInMilliseconds: KEPT_MS });

/** The four routes of one place for uploads (tus 1.0). */
export interface UploadRoutes {
  create: BytesEndpoint;
  ask: BytesEndpoint;
  send: BytesEndpoint;
  end: BytesEndpoint;
}

/** Uploads of who is signed in: only whoever announced a file sends it. */
export function addUploadRoutes(app: App, dependencies: Dependencies): void {
  serveUploads(
    app,
    dependencies,
    {
      create: contract.createUpload,
      ask: contract.askUpload,
      send: contract.sendUpload,
      end: contract.endUpload,
    },
    (received, _context, person) => requireBrought(dependencies.pool, received?.id ?? '', person),
  );
}

/**
 * Resumable uploads (tus 1.0): an upload cut off by a dead line or a dead server goes on where it stopped.
 * @param require throws where somebody may not send this file; null for one that nobody announced
 * @param isOnePlace each announced file has one place: whoever begins it again begins it anew there, and no more lies on the disk than
 * was announced. What is here already is not begun again
 */
export function serveUploads(
  app: App,
  dependencies: Dependencies,
  routes: UploadRoutes,
  require: (received: ReceivedRow | null, context: Context, person: Person) => Promise<void>,
  { isOnePlace = false } = {},
): void {
  const store = createUploadStore(dependencies.uploadsFolder);
  const find = (receivedId: string | null | undefined): Promise<ReceivedRow | null> =>
    findReceived(dependencies.pool, receivedId ?? '');
  const tus = new Server({
    path: routes.create.path,
    datastore: store,
    relativeLocation: true,
    respectForwardedHeaders: false,
    ...(isOnePlace ? { namingFunction: (_request, metadata) => metadata?.receivedId ?? randomUUID() } : {}),
    async onUploadCreate(_request, upload) {
      const received = await find(upload.metadata?.receivedId);
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
  serveBytes(app, routes.create, async (context, person) => {
    const { receivedId } = Metadata.parse(context.req.header('upload-metadata'));
    const received = await find(receivedId);
    await require(received, context, person);
    if (isOnePlace && (received?.uploadId || received?.sha256))
      throw new DomainError('out-of-step', 'This file is here already.');
    return tus.handleWeb(context.req.raw);
  });
  for (const endpoint of [routes.ask, routes.send, routes.end])
    serveBytes(app, endpoint, async (context, person) => {
      const id = context.req.param('id') ?? '';
      const upload = await store.getUpload(id).catch(() => null);
      if (upload) await require(await find(upload.metadata?.receivedId), context, person);
      const answer = await tus.handleWeb(context.req.raw);
      // who asks how far an upload got sends no more where all of it is there
      if (endpoint === routes.ask && answer.ok) await finishUpload(dependencies, store, id);
      return answer;
    });
}

/** @throws {DomainError} where somebody else announced it; what nobody announced is told by the upload itself */
async function requireBrought(db: Executor, receivedId: string, person: Person): Promise<void> {
  const whose = await findWhoseReceived(db, receivedId);
  if (whose && whose.id !== person.id)
    throw new DomainError('not-allowed', `${whose.name} announced this file; only they send it.`);
}

/** Notes an upload whose last byte came just before a server died; one that is noted, or still on its way, is left alone. */
async function finishUpload(dependencies: Dependencies, store: FileStore, uploadId: string): Promise<void> {
  const { size, offset, metadata } = await store.getUpload(uploadId);
  if (size === undefined || offset !== size) return;
  const received = await findReceived(dependencies.pool, metadata?.receivedId ?? '');
  if (received && !received.uploadId && !received.sha256) await noteUploaded(dependencies, received.id, uploadId);
}

/** Notes every upload that came whole and was never noted; for the start of a server. @returns how many lay there */
export async function finishUploads(dependencies: Dependencies): Promise<number> {
  const store = createUploadStore(dependencies.uploadsFolder);
  const ids = (await readdir(dependencies.uploadsFolder))
    .filter((name) => name.endsWith('.json'))
    .map((name) => name.slice(0, -'.json'.length));
  for (const id of ids)
    await finishUpload(dependencies, store, id).catch((error: unknown) =>
      dependencies.log.warn({ error, upload: id }, 'an upload could not be looked at'),
    );
  return ids.length;
}

/** Where an upload's bytes lie. @throws {Error} for an id that is no plain name */
export function uploadPath(folder: string, uploadId: string): string {
  if (!/^[0-9a-f-]{16,64}$/i.test(uploadId)) throw new DomainError('bad-request', 'This upload has no valid name.');
  return join(folder, uploadId);
}

/** Takes an upload's file away once its bytes are in the store and the row says so. */
export async function removeUpload(folder: string, uploadId: string): Promise<void> {
  await rm(uploadPath(folder, uploadId), { force: true });
  await rm(`${uploadPath(folder, uploadId)}.json`, { force: true });
}

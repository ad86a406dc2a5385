import { z } from 'zod';
import { bytesEndpoint } from './endpoint';

export const getBytes = bytesEndpoint({
  method: 'get',
  path: '/api/bytes/:sha256',
  summary:
    'Bytes of the store by their hash; guests get pictures and models of what is catalogued, and what a project may use',
  may: 'guest',
  params: z.object({ sha256: z.string() }),
  query: z.object({ type: z.enum(['png', 'glb', 'zip', 'file']).optional(), name: z.string().max(300).optional() }),
  gives: 'application/octet-stream',
});

export const getPackage = bytesEndpoint({
  method: 'get',
  path: '/api/projects/:id/package.zip',
  summary: 'All that was handed to a project and may be used there today, with its credits',
  may: 'guest',
  params: z.object({ id: z.string() }),
  gives: 'application/zip',
});

export const getOpenApi = bytesEndpoint({
  method: 'get',
  path: '/api/openapi.json',
  summary: 'This description, as OpenAPI 3.0',
  may: 'guest',
  gives: 'application/json',
});

export const getSourcePreview = bytesEndpoint({
  method: 'get',
  path: '/api/sources/preview',
  summary: 'A preview picture of a source, fetched by the server',
  may: 'artist',
  query: z.object({ address: z.string().max(1000) }),
  gives: 'image/*',
});

const UploadParams = z.object({ id: z.string() });

export const createUpload = bytesEndpoint({
  method: 'post',
  path: '/api/uploads',
  summary: 'Begins the upload of an announced file (tus 1.0); only whoever announced it',
  may: 'artist',
  takes: 'application/offset+octet-stream',
});

export const askUpload = bytesEndpoint({
  method: 'head',
  path: '/api/uploads/:id',
  summary: 'How far an upload has come (tus 1.0)',
  may: 'artist',
  params: UploadParams,
});

export const sendUpload = bytesEndpoint({
  method: 'patch',
  path: '/api/uploads/:id',
  summary: 'Goes on with an upload (tus 1.0)',
  may: 'artist',
  params: UploadParams,
  takes: 'application/offset+octet-stream',
});

export const endUpload = bytesEndpoint({
  method: 'delete',
  path: '/api/uploads/:id',
  summary: 'Gives an upload up (tus 1.0)',
  may: 'artist',
  params: UploadParams,
});

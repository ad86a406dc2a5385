import { readFile } from 'node:fs/promises';
import { join, relative } from 'node:path';
import { serveStatic } from '@hono/node-server/serve-static';
import type { App } from './serve-endpoint';

/** The web application: files with a hash in their name for ever, the page itself fresh each time. */
export function addWebRoutes(app: App, webFolder: string): void {
  const root = relative(process.cwd(), webFolder) || '.';
  app.use('/assets/*', async (context, next) => {
    await next();
    if (context.res.ok) context.header('Cache-Control', 'public, max-age=31536000, immutable');
  });
  app.use('/assets/*', serveStatic({ root }));
  app.get('/assets/*', (context) => context.notFound());
  app.use('/icon.svg', serveStatic({ root }));
  app.get('*', async (context) => {
    context.header('Cache-Control', 'no-cache');
    return context.html(await readFile(join(webFolder, 'index.html'), 'utf8'));
  });
}

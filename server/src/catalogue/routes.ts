import { getAsset, searchCatalogue } from '@haveld/contract/api/catalogue';
import type { Dependencies } from '../dependencies';
import { serveEndpoint, type App } from '../http/serve-endpoint';
import { listUsesOf } from '../projects/service';
import * as service from './service';

/** Asking the catalogue, and the page of an asset. */
export function addCatalogueRoutes(app: App, { pool }: Dependencies): void {
  serveEndpoint(app, searchCatalogue, ({ query }) => service.searchCatalogue(pool, query));
  serveEndpoint(app, getAsset, async ({ params }) =>
    service.getAssetPage(pool, params.id, await listUsesOf(pool, params.id)),
  );
}

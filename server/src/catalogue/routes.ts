import { getAsset, searchCatalogue } from '@haveld/contract/api/catalogue';
import { mayAs } from '@haveld/contract/role';
import type { Dependencies } from '../dependencies';
import { serveEndpoint, type App } from '../http/serve-endpoint';
import { listUsesOf } from '../projects/service';
import * as service from './service';

/** Asking the catalogue, and the page of an asset. */
export function addCatalogueRoutes(app: App, { pool }: Dependencies): void {
  serveEndpoint(app, searchCatalogue, ({ query, person }) =>
    service.searchCatalogue(pool, mayAs(person.role, 'artist') ? query : { ...query, state: 'catalogued' }),
  );
  serveEndpoint(app, getAsset, async ({ params, person }) => {
    const page = await service.getAssetPage(pool, params.id, await listUsesOf(pool, params.id));
    return mayAs(person.role, 'artist') ? page : service.asGuestsSee(page);
  });
}

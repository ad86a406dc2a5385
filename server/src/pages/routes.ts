import * as contract from '@haveld/contract/api/pages';
import type { Dependencies } from '../dependencies';
import { serveEndpoint, type App } from '../http/serve-endpoint';
import * as handed from './handed';
import * as service from './service';

/** Pages that assets are from, and what changes on them. */
export function addPageRoutes(app: App, dependencies: Dependencies): void {
  serveEndpoint(app, contract.getPageOfAsset, ({ params }) => service.getPageOfAsset(dependencies.pool, params.id));
  serveEndpoint(app, contract.askPageOfAsset, ({ params }) => service.askNow(dependencies, params.id));
  serveEndpoint(app, contract.getKeptPage, ({ params }) => service.getKeptPage(dependencies, params.sha256));
  serveEndpoint(app, contract.readHandedPage, ({ body }) => handed.readHanded(dependencies, body));
  serveEndpoint(app, contract.keepHandedPage, async ({ body, person }) => ({
    arrivalId: await handed.keepHanded(dependencies, body, person),
  }));
  serveEndpoint(app, contract.settlePageChange, async ({ params, body, person }) => ({
    fetchingId: await service.settle(dependencies, params.id, body, person),
  }));
}

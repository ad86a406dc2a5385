import * as contract from '@haveld/contract/api/watching';
import type { Dependencies } from '../dependencies';
import { serveEndpoint, type App } from '../http/serve-endpoint';
import * as service from './service';

/** Folders whose files arrive by themselves. */
export function addWatchingRoutes(app: App, dependencies: Dependencies): void {
  serveEndpoint(app, contract.listWatchedFolders, () => service.listFolders(dependencies));
  serveEndpoint(app, contract.watchFolder, async ({ body, person }) => ({
    id: await service.addFolder(dependencies, body, person),
  }));
  serveEndpoint(app, contract.unwatchFolder, async ({ params }) => {
    await service.removeFolder(dependencies, params.id);
    return {};
  });
}

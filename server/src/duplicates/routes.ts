import * as contract from '@haveld/contract/api/duplicates';
import type { Dependencies } from '../dependencies';
import { serveEndpoint, type App } from '../http/serve-endpoint';
import * as service from './service';

/** What is here already. */
export function addDuplicateRoutes(app: App, dependencies: Dependencies): void {
  serveEndpoint(app, contract.listDuplicates, ({ params }) => service.listDuplicates(dependencies, params.id));
  serveEndpoint(app, contract.decideDuplicate, async ({ params, body, person }) => {
    await service.decideDuplicate(dependencies, params.id, body, person);
    return {};
  });
}

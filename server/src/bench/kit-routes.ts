import * as contract from '@haveld/contract/api/kits';
import type { Dependencies } from '../dependencies';
import { serveEndpoint, type App } from '../http/serve-endpoint';
import * as service from './kit-service';

/** A kit on the bench. */
export function addKitBenchRoutes(app: App, dependencies: Dependencies): void {
  serveEndpoint(app, contract.getKitBench, ({ params }) => service.getKitBench(dependencies, params.id));
  serveEndpoint(app, contract.answerForPieces, async ({ params, body, person }) => ({
    answered: await service.answerForPieces(dependencies, params.id, body, person),
  }));
  serveEndpoint(app, contract.takeSureForPieces, async ({ params, body, person }) => {
    await service.takeSureForPieces(dependencies, params.id, body.assetIds, person);
    return {};
  });
  serveEndpoint(app, contract.cataloguePieces, ({ params, body, person }) =>
    service.cataloguePieces(dependencies, params.id, body, person),
  );
  serveEndpoint(app, contract.changeKitProvenance, async ({ params, body, person }) => {
    await service.changeKitProvenance(dependencies, params.id, body, person);
    return {};
  });
}

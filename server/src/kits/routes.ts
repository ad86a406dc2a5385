import * as contract from '@haveld/contract/api/kits';
import type { Dependencies } from '../dependencies';
import { serveEndpoint, type App } from '../http/serve-endpoint';
import * as service from './service';

/** The contact sheet of a kit. */
export function addKitRoutes(app: App, dependencies: Dependencies): void {
  serveEndpoint(app, contract.getKit, ({ params }) => service.getKit(dependencies, params.id));
  serveEndpoint(app, contract.drawKit, async ({ params }) => {
    await service.drawPieces(dependencies, params.id);
    return {};
  });
  serveEndpoint(app, contract.takePieces, async ({ params, body }) => {
    await service.takePieces(dependencies, params.id, body.ordinals);
    return {};
  });
}

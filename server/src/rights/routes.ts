import { getRights } from '@haveld/contract/rights';
import type { Dependencies } from '../dependencies';
import { serveEndpoint, type App } from '../http/serve-endpoint';
import * as service from './service';

export function addRightsRoutes(app: App, { pool }: Dependencies): void {
  serveEndpoint(app, getRights, () => service.getRights(pool));
}

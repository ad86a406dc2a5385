import { getHouseRules, saveHouseRules } from '@haveld/contract/api/house';
import * as contract from '@haveld/contract/api/rights';
import type { Dependencies } from '../dependencies';
import { loadRules } from '../house/rule-queries';
import { serveEndpoint, type App } from '../http/serve-endpoint';
import * as licences from '../rights/licences';
import * as service from './service';
import { getRights } from './to-settle';

/** Rights: what is to settle, the ledger, licences, house rules. */
export function addRightsRoutes(app: App, dependencies: Dependencies): void {
  const { pool } = dependencies;
  serveEndpoint(app, contract.getRights, () => getRights(pool));
  serveEndpoint(app, contract.getLedger, ({ query }) => service.getLedger(pool, query));
  serveEndpoint(app, contract.getLicenceMix, () => service.getLicenceMix(pool));
  serveEndpoint(app, contract.getAssetRights, ({ params }) => service.getAssetRights(pool, params.id));
  serveEndpoint(app, contract.settleRights, async ({ body, person }) => ({
    settled: await service.settleRights(dependencies, body, person),
  }));
  serveEndpoint(app, contract.addEvidence, ({ params, body, person }) =>
    service.addEvidence(dependencies, params.id, body, person),
  );
  serveEndpoint(app, contract.saveFurtherWork, ({ params, body, person }) =>
    service.saveWork(dependencies, params.id, body, person),
  );
  serveEndpoint(app, contract.removeFurtherWork, ({ params, body, person }) =>
    service.removeWork(dependencies, params.id, params.workId, body.why, person),
  );
  serveEndpoint(app, contract.takeDown, ({ params, body, person }) =>
    service.takeDown(dependencies, params.id, body.reason, person),
  );
  serveEndpoint(app, contract.writeLetter, ({ params, query, person }) =>
    service.composeLetter(pool, params.id, query.project, person),
  );
  serveEndpoint(app, contract.listLicences, () => licences.listLicences(pool));
  serveEndpoint(app, contract.getLicence, ({ params }) => licences.getLicence(pool, params.id));
  serveEndpoint(app, contract.saveLicence, ({ body, person }) => licences.saveLicence(dependencies, body, person));
  serveEndpoint(app, getHouseRules, () => loadRules(pool));
  serveEndpoint(app, saveHouseRules, ({ body, person }) => service.saveRules(dependencies, body, person));
  serveEndpoint(app, contract.joinAuthors, async ({ body, person }) => ({
    changed: await service.joinAuthors(dependencies, body.keep, body.join, person),
  }));
}

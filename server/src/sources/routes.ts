import { getSourcePreview } from '@haveld/contract/api/bytes';
import * as contract from '@haveld/contract/api/sources';
import type { Dependencies } from '../dependencies';
import { serveBytes, serveEndpoint, type App } from '../http/serve-endpoint';
import * as fetchings from './fetchings';
import { getPreview } from './preview';
import { search } from './search';
import * as service from './service';

/** Sources of models, what is searched there, and what comes in from them. */
export function addSourceRoutes(app: App, dependencies: Dependencies): void {
  // before the source by its kind, whose path would take them
  serveEndpoint(app, contract.searchSources, ({ query }) => search(dependencies, query));
  serveBytes(app, getSourcePreview, async (context) => {
    const { bytes, type } = await getPreview(dependencies, context.req.query('address') ?? '');
    return context.body(bytes, 200, { 'content-type': type, 'cache-control': 'private, max-age=1800' });
  });
  serveEndpoint(app, contract.listSources, () => service.listSources(dependencies));
  serveEndpoint(app, contract.getSource, ({ params }) => service.getSource(dependencies, params.kind));
  serveEndpoint(app, contract.setSourceToken, async ({ params, body, person }) => {
    await service.setToken(dependencies, params.kind, body.token, person);
    return {};
  });
  serveEndpoint(app, contract.acceptSourceTerms, async ({ params, body, person }) => {
    await service.acceptTerms(dependencies, params.kind, body.sha256, person);
    return {};
  });
  serveEndpoint(app, contract.lookAtAddress, ({ body }) => service.lookAt(dependencies, body.address, body.project));
  serveEndpoint(app, contract.listFetchings, () => fetchings.listFetchings(dependencies));
  serveEndpoint(app, contract.takeEdition, async ({ body, person }) => ({
    id: await fetchings.takeEdition(dependencies, body.pageAddress, body.editionId, person),
  }));
  serveEndpoint(app, contract.changeFetching, async ({ params, body, person }) => {
    await fetchings.changeFetching(dependencies, params.id, body.do, person);
    return {};
  });
}

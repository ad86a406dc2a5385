import { Hono } from 'hono';
import { compress } from 'hono/compress';
import { getOpenApi } from '@haveld/contract/api/bytes';
import { createOpenApi } from '@haveld/contract/api/openapi';
import { DomainError } from '@haveld/contract/error';
import { addArrivalRoutes } from './arrivals/routes';
import { addKitBenchRoutes } from './bench/kit-routes';
import { addBenchRoutes } from './bench/routes';
import { addCatalogueRoutes } from './catalogue/routes';
import type { Dependencies } from './dependencies';
import { addDuplicateRoutes } from './duplicates/routes';
import { addHabitRoutes } from './habits/routes';
import { addHouseTreatmentRoutes } from './house-treatments/routes';
import { createErrorAnswer } from './http/answer-error';
import { addBytesRoutes } from './bytes/routes';
import { sameOrigin, securityHeaders } from './http/guard';
import { requireAccess } from './http/access';
import { listServedBytes, listServedEndpoints, serveBytes, type App, type Variables } from './http/serve-endpoint';
import { addWebRoutes } from './http/web-routes';

import { wakeWorkers } from './jobs/wake-workers';
import type { JobHandlers } from './jobs/worker-loop';
import { addKitRoutes } from './kits/routes';
import { addRightsRoutes } from './ledger/routes';
import { addRemarkRoutes } from './remarks/routes';
import { addLineUpRoutes } from './line-up/routes';
import { addMapRoutes } from './maps/routes';
import { addMemberRoutes } from './people/member-routes';
import { addPeopleRoutes } from './people/routes';
import { whoAsks } from './people/who-asks';
import { addProgressRoutes } from './progress/routes';
import { addPackageRoutes } from './projects/package-routes';
import { addProjectRoutes } from './projects/routes';

import { addWatchingRoutes } from './watching/routes';
import { addGivingRoutes } from './giving/routes';
import { addPageRoutes } from './pages/routes';
import { addSourceRoutes } from './sources/routes';

/** What is worth packing anew each time it is asked for. */
const WORDS = /^(application\/json|text\/)/;

/** Builds the application. It opens no socket and reads no environment. */
export function createApp(dependencies: Dependencies, handlers: JobHandlers): App {
  const app: App = new Hono<{ Variables: Variables }>();
  app.onError(createErrorAnswer(dependencies.log));
  app.use(securityHeaders(dependencies.isTls));
  // lists and sheets are words: a twentieth goes over the network. Models are sent as they lie in the store
  app.use(compress({ contentTypeFilter: WORDS }));
  app.use('/api/*', sameOrigin);
  app.use('/api/*', wakeWorkers(dependencies.bell));
  app.use('/api/*', whoAsks(dependencies.pool, dependencies.isTls));
  addPeopleRoutes(app, dependencies);
  addMemberRoutes(app, dependencies);
  addArrivalRoutes(app, dependencies, handlers);
  addKitRoutes(app, dependencies);
  addDuplicateRoutes(app, dependencies);
  addHabitRoutes(app, dependencies);
  addHouseTreatmentRoutes(app, dependencies);
  addBenchRoutes(app, dependencies);
  addKitBenchRoutes(app, dependencies);
  addLineUpRoutes(app, dependencies);
  addMapRoutes(app, dependencies);
  addCatalogueRoutes(app, dependencies);
  addProjectRoutes(app, dependencies);
  addRemarkRoutes(app, dependencies);
  addSourceRoutes(app, dependencies);
  addPageRoutes(app, dependencies);
  addGivingRoutes(app, dependencies, handlers);
  addWatchingRoutes(app, dependencies);
  addRightsRoutes(app, dependencies);
  addProgressRoutes(app, dependencies, handlers);
  addBytesRoutes(app, dependencies);
  addPackageRoutes(app, dependencies);
  serveBytes(app, getOpenApi, (context) =>
    context.json(createOpenApi(dependencies.version, listServedEndpoints(app), listServedBytes(app))),
  );
  app.all('/api/*', (context) => {
    requireAccess({ may: 'guest' }, context.get('asker'));
    throw new DomainError('not-found', 'There is no such address.');
  });
  if (dependencies.webFolder) addWebRoutes(app, dependencies.webFolder);
  return app;
}

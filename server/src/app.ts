import { Hono } from 'hono';
import { compress } from 'hono/compress';
import { getCookie } from 'hono/cookie';
import { createOpenApi } from '@haveld/contract/api/openapi';
import { changePassword, getMe, signIn, signOut } from '@haveld/contract/api/people';
import { DomainError } from '@haveld/contract/error';
import { addArrivalRoutes } from './arrivals/routes';
import { addKitBenchRoutes } from './bench/kit-routes';
import { addBenchRoutes } from './bench/routes';
import { addCatalogueRoutes } from './catalogue/routes';
import type { Dependencies } from './dependencies';
import { addDuplicateRoutes } from './duplicates/routes';
import { addHabitRoutes } from './habits/routes';
import { createErrorAnswer } from './http/answer-error';
import { addBytesRoutes } from './http/bytes-routes';
import { sameOrigin, securityHeaders } from './http/guard';
import { listServedEndpoints, type App, type Variables } from './http/serve-endpoint';
import { addWebRoutes } from './http/web-routes';
import { wakeWorkers } from './jobs/wake-workers';
import type { JobHandlers } from './jobs/worker-loop';
import { addKitRoutes } from './kits/routes';
import { addRightsRoutes } from './ledger/routes';
import { addLineUpRoutes } from './line-up/routes';
import { addMapRoutes } from './maps/routes';
import { addPeopleRoutes, SESSION_COOKIE } from './people/routes';
import { findSignedIn } from './people/service';
import { addProgressRoutes } from './progress/routes';
import { addPackageRoutes } from './projects/package-routes';
import { addProjectRoutes } from './projects/routes';

/** What is worth packing anew each time it is asked for. */
const WORDS = /^(application\/json|text\/)/;

/** All that a password which was printed once opens. */
const WITH_ONE_TIME_PASSWORD = new Set<string>([getMe.path, changePassword.path, signOut.path]);

/** Builds the application. It opens no socket and reads no environment. */
export function createApp(dependencies: Dependencies, handlers: JobHandlers): App {
  const app: App = new Hono<{ Variables: Variables }>();
  app.onError(createErrorAnswer(dependencies.log));
  app.use(securityHeaders(dependencies.isTls));
  // lists and sheets are words: a twentieth goes over the network. Models are sent as they lie in the store
  app.use(compress({ contentTypeFilter: WORDS }));
  app.use('/api/*', sameOrigin);
  app.use('/api/*', wakeWorkers(dependencies.bell));
  app.use('/api/*', async (context, next) => {
    if (context.req.path !== signIn.path) {
      const person = await findSignedIn(dependencies.pool, getCookie(context, SESSION_COOKIE));
      if (!person) throw new DomainError('not-signed-in', 'Please sign in.');
      if (person.mustChange && !WITH_ONE_TIME_PASSWORD.has(context.req.path))
        throw new DomainError(
          'must-change-password',
          'Choose a password of your own first; the printed one opens nothing else.',
        );
      context.set('person', person);
    }
    await next();
  });
  addPeopleRoutes(app, dependencies);
  addArrivalRoutes(app, dependencies, handlers);
  addKitRoutes(app, dependencies);
  addDuplicateRoutes(app, dependencies);
  addHabitRoutes(app, dependencies);
  addBenchRoutes(app, dependencies);
  addKitBenchRoutes(app, dependencies);
  addLineUpRoutes(app, dependencies);
  addMapRoutes(app, dependencies);
  addCatalogueRoutes(app, dependencies);
  addProjectRoutes(app, dependencies);
  addRightsRoutes(app, dependencies);
  addProgressRoutes(app, dependencies, handlers);
  addBytesRoutes(app, dependencies);
  addPackageRoutes(app, dependencies);
  app.get('/api/openapi.json', (context) =>
    context.json(createOpenApi(dependencies.version, listServedEndpoints(app))),
  );
  app.all('/api/*', () => {
    throw new DomainError('not-found', 'There is no such address.');
  });
  if (dependencies.webFolder) addWebRoutes(app, dependencies.webFolder);
  return app;
}

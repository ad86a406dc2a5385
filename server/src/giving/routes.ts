import * as contract from '@haveld/contract/api/giving';
import { serveUploads } from '../arrivals/uploads';
import type { Dependencies } from '../dependencies';
import { serveEndpoint, type App } from '../http/serve-endpoint';
import type { JobHandlers } from '../jobs/worker-loop';
import { clientAddress } from '../people/client';
import * as gifts from './gifts';
import * as links from './links';

/** Links of the house, and what people without an account give by them: the only routes besides the door that are open to anybody. */
export function addGivingRoutes(app: App, dependencies: Dependencies, handlers: JobHandlers): void {
  const { pool, isTls } = dependencies;
  serveEndpoint(app, contract.listGivingLinks, () => links.listLinks(pool));
  serveEndpoint(app, contract.makeGivingLink, ({ body, person }) => links.makeLink(pool, body, person));
  serveEndpoint(app, contract.endGivingLink, async ({ params }) => {
    await links.endLink(pool, params.id);
    return {};
  });
  serveEndpoint(app, contract.listGifts, ({ params }) => links.listGifts(pool, params.id));
  serveEndpoint(app, contract.lookAtGiving, ({ body }) => links.lookAtLink(pool, body.token));
  serveEndpoint(app, contract.readStatement, ({ body }) => gifts.readStatement(pool, body.token, body.said));
  serveEndpoint(app, contract.give, ({ body, context }) =>
    gifts.takeGift(dependencies, body, clientAddress(context, isTls)),
  );
  serveEndpoint(app, contract.lookAtGift, ({ body }) => gifts.lookAt(dependencies, body.secret, body.others));
  serveEndpoint(app, contract.withdrawGift, async ({ body }) => {
    await gifts.withdraw(dependencies, handlers, body.secret);
    return {};
  });
  serveUploads(
    app,
    dependencies,
    {
      create: contract.createGiftUpload,
      ask: contract.askGiftUpload,
      send: contract.sendGiftUpload,
      end: contract.endGiftUpload,
    },
    (received, context) =>
      gifts.requireOfGift(pool, context.req.header(contract.GIFT_HEADER) ?? '', received?.arrivalId),
    { isOnePlace: true },
  );
}

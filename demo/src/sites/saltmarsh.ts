import * as harbour from '../models/harbour';
import { drawPreview, makeEdition, measureModel } from './site-files';
import { capstan, deckLantern, engineTelegraph, fogHorn } from './site-shapes';
import { CC0, type SiteModel } from './site-model';
import {
  editionsOf,
  showModel,
  escape,
  file,
  findModels,
  html,
  json,
  picture,
  type Reply,
  type Site,
  type SiteRequest,
} from './site';

const HOST = 'saltmarsh-library.example';
const ALMA = { name: 'Alma Rosendahl', slug: 'alma-rosendahl' };
const JORIS = { name: 'Joris Haverkamp', slug: 'joris-haverkamp' };
const pageOf = (slug: string): string => `https://${HOST}/shelf/${slug}`;

/** What opens the library in the demo. */
export const SALTMARSH_TOKEN = 'heron-reed-4512';

/** The library's own grant: no standard licence. */
const HOUSE = { words: 'Saltmarsh Library Licence', address: `https://${HOST}/licence` };

const MODELS: SiteModel[] = [
  {
    slug: 'fog-horn',
    title: 'Fog horn, brass',
    author: ALMA,
    licence: HOUSE,
    category: 'Signals',
    tags: ['horn', 'brass', 'fog'],
    about: 'A horn on its post, polished once a week.',
    price: 12,
    published: '2026-01-30',
    parts: fogHorn,
  },
  {
    slug: 'deck-lantern',
    title: 'Deck lantern',
    author: JORIS,
    licence: HOUSE,
    category: 'Lights',
    tags: ['lantern', 'lamp', 'brass'],
    about: 'A lantern to carry over deck.',
    price: 8,
    published: '2026-03-21',
    parts: deckLantern,
  },
  {
    slug: 'engine-telegraph',
    title: 'Engine telegraph',
    author: JORIS,
    licence: HOUSE,
    category: 'Ship',
    tags: ['telegraph', 'brass', 'ship'],
    about: 'Full ahead, half ahead, stop.',
    price: 25,
    published: '2026-04-11',
    parts: engineTelegraph,
  },
  {
    slug: 'quay-capstan',
    title: 'Quay capstan',
    author: ALMA,
    licence: CC0,
    category: 'Quay',
    tags: ['capstan', 'oak', 'mooring'],
    about: 'Four bars of oak to haul with.',
    price: 0,
    published: '2026-05-05',
    parts: capstan,
  },
  {
    slug: 'barograph-on-oak',
    title: 'Barograph on oak',
    author: ALMA,
    licence: HOUSE,
    category: 'Instruments',
    tags: ['barograph', 'weather', 'brass'],
    about: 'A barograph under glass, with a week on its drum.',
    price: 30,
    published: '2026-06-30',
    parts: harbour.barograph,
  },
  {
    slug: 'storm-lamp',
    title: 'Storm lamp',
    author: JORIS,
    licence: CC0,
    category: 'Lights',
    tags: ['lamp', 'brass', 'light'],
    about: 'Burns in any wind.',
    price: 0,
    published: '2026-08-14',
    parts: harbour.brassLamp,
  },
];

/** A ticket opens its file for so long. */
const TICKET_MS = 10 * 60 * 1000;

/** Asked by a form, a token for everything; shells are paid there; a file is fetched by a ticket; pages carry Open Graph and RDFa. */
export function createSaltmarsh(now: () => Date): Site {
  const tickets = new Map<string, { slug: string; edition: string; until: number }>();
  let last = 0;
  return {
    host: HOST,
    name: 'Saltmarsh Library',
    models: MODELS,
    openapi: {
      openapi: '3.1.0',
      info: { title: 'Saltmarsh Library', version: '2026-01', description: 'A made-up library with prices in shells.' },
      servers: [{ url: `https://${HOST}` }],
      components: { securitySchemes: { token: { type: 'http', scheme: 'bearer' } } },
      security: [{ token: [] }],
      paths: {
        '/query': {
          post: {
            summary: 'Things by words, from an offset',
            requestBody: {
              content: {
                'application/json': {
                  schema: {
                    type: 'object',
                    properties: { text: { type: 'string' }, offset: { type: 'integer' }, limit: { type: 'integer' } },
                  },
                },
              },
            },
            responses: {
              200: { description: 'Some of them, and how many there are' },
              401: { description: 'No token' },
            },
          },
        },
        '/things/{id}': {
          get: {
            summary: 'One thing with its packages',
            parameters: [{ name: 'id', in: 'path', required: true, schema: { type: 'string' } }],
            responses: { 200: { description: 'The thing' } },
          },
        },
        '/tickets': {
          post: {
            summary: 'A ticket that opens a package for ten minutes',
            requestBody: {
              content: {
                'application/json': {
                  schema: { type: 'object', properties: { thing: { type: 'string' }, package: { type: 'string' } } },
                },
              },
            },
            responses: { 201: { description: 'Where the file is' }, 402: { description: 'It was not bought' } },
          },
        },
      },
    },
    async answer(request, faultOf): Promise<Reply> {
      const { path, method } = request;
      if (path === '/')
        return html(
          frame(
            'Shelves',
            '',
            `<h1>Shelves</h1>${MODELS.map(({ slug, title, price }) => `<p><a href="/shelf/${slug}">${escape(title)}</a> ${price === 0 ? 'free' : `${price} shells`}</p>`).join('')}`,
          ),
        );
      if (path === '/licence')
        return html(
          frame(
            'Licence',
            '',
            '<h1>Saltmarsh Library Licence</h1><p>You may use what you bought in your own works, sold or not. You may not pass the model on as a file. One seat a purchase.</p>',
          ),
        );
      const [, kind, slug] = /^\/(things|shelf|plates|file)\/([a-z0-9-]+)(?:\.png)?$/.exec(path) ?? [];
      if (kind === 'file') {
        const ticket = tickets.get(slug);
        if (!ticket || ticket.until < now().getTime()) return json({ problem: 'this ticket is over' }, 403);
        const model = MODELS.find((one) => one.slug === ticket.slug)!;
        const shown = showModel(model, faultOf(model.slug));
        const edition = editionsOf(shown).find(({ id }) => id === ticket.edition)!;
        return file(model.slug, edition.fileName, (await makeEdition(shown, edition, pageOf(model.slug))).bytes);
      }
      const model = MODELS.find((one) => one.slug === slug?.replace(MOVED_TO, ''));
      if (kind === 'plates' && model) return picture(await drawPreview(model, '#dfe7d8'));
      if (kind === 'shelf' && model) {
        const fault = faultOf(slug);
        if (fault === 'gone') return html(frame('Empty', '', '<h1>This place on the shelf is empty.</h1>'), 404);
        if (fault === 'taken-down')
          return html(frame('Removed', '', '<h1>This model has been withdrawn by its author.</h1>'), 410);
        if (fault === 'moved')
          return { status: 301, headers: { location: `https://${HOST}/shelf/${slug}-2` }, body: '' };
        const changed = fault ? CHANGED : model.published;
        return html(await shelfPage(showModel(model, fault)), 200, {
          'last-modified': new Date(changed).toUTCString(),
        });
      }
      if (request.headers.authorization !== `Bearer ${SALTMARSH_TOKEN}`)
        return json({ problem: 'a token is needed' }, 401);
      if (path === '/query' && method === 'POST') return query(request);
      if (path === '/tickets' && method === 'POST') return giveTicket(request);
      if (kind === 'things' && model) {
        const fault = faultOf(slug);
        if (fault === 'gone') return json({ problem: 'no such thing' }, 404);
        if (fault === 'taken-down') return json({ problem: 'withdrawn' }, 410);
        return json(await describe(showModel(model, fault)));
      }
      return json({ problem: 'no such thing' }, 404);
    },
  };

  async function query({ body }: SiteRequest): Promise<Reply> {
    const { text = '', offset = 0, limit = 4 } = readJson<{ text?: string; offset?: number; limit?: number }>(body);
    const found = findModels(MODELS, text);
    return json({
      count: found.length,
      offset,
      things: await Promise.all(found.slice(offset, offset + limit).map(describe)),
    });
  }

  function giveTicket({ body }: SiteRequest): Reply {
    const { thing, package: edition } = readJson<{ thing?: string; package?: string }>(body);
    const model = MODELS.find(({ slug }) => slug === thing);
    if (!model || !editionsOf(model).some(({ id }) => id === edition)) return json({ problem: 'no such package' }, 404);
    // what costs much was not bought by the demo studio
    if (model.price > 20) return json({ problem: 'not bought' }, 402);
    const ticket = `t-${++last}`;
    tickets.set(ticket, { slug: model.slug, edition: edition!, until: now().getTime() + TICKET_MS });
    return json({ href: `https://${HOST}/file/${ticket}` }, 201);
  }
}

/** Where a page that was moved stands now. */
const MOVED_TO = /-2$/;
/** The day of everything that a fault changes. */
const CHANGED = '2026-11-20';

const readJson = <T>(body: string): Partial<T> => {
  try {
    return JSON.parse(body) as Partial<T>;
  } catch {
    // a form that is not well formed asks for nothing
    return {};
  }
};

async function describe(model: SiteModel): Promise<unknown> {
  return {
    id: model.slug,
    heading: model.title,
    makers: [model.author.name],
    terms: model.licence.words,
    terms_page: model.licence.address,
    shelf: model.category,
    subjects: model.tags,
    price: { amount: model.price, currency: 'shells' },
    plate: `https://${HOST}/plates/${model.slug}.png`,
    page: pageOf(model.slug),
    packages: await Promise.all(
      editionsOf(model).map(async (edition) => {
        const { bytes, sha256 } = await makeEdition(model, edition, pageOf(model.slug));
        return {
          package: edition.id,
          label: edition.fileName,
          kind: edition.format,
          map_side: edition.maps,
          size: bytes.length,
          digest: `sha256:${sha256}`,
          notes: edition.carries,
        };
      }),
    ),
  };
}

const frame = (title: string, head: string, body: string): string =>
  `<!DOCTYPE html><html lang="en" prefix="og: http://ogp.me/ns# dcterms: http://purl.org/dc/terms/"><head><meta charset="utf-8"><title>${escape(title)} · Saltmarsh Library</title>${head}<style>body{font:17px/1.5 "Times New Roman",serif;background:#dfe7d8;color:#23301c;columns:2;padding:3rem}</style></head><body>${body}</body></html>`;

async function shelfPage(model: SiteModel): Promise<string> {
  const { heightM, widthM, depthM, polygons } = measureModel(model);
  const mm = (metres: number): number => Math.round(metres * 1000);
  return frame(
    model.title,
    `<meta property="og:title" content="${escape(model.title)}"><meta property="og:type" content="product"><meta property="og:url" content="${pageOf(model.slug)}"><meta property="og:image" content="https://${HOST}/plates/${model.slug}.png"><meta property="og:description" content="${escape(model.about)}"><meta property="product:price:amount" content="${model.price}"><meta property="product:price:currency" content="shells"><meta name="author" content="${escape(model.author.name)}"><meta name="keywords" content="${model.tags.join(', ')}"><meta name="dcterms.issued" content="${model.published}">`,
    `<div resource="${pageOf(model.slug)}"><h1 property="dcterms:title">${escape(model.title)}</h1><p>Made by <span property="dcterms:creator">${escape(model.author.name)}</span>.</p><p>${escape(model.about)}</p><p>${mm(widthM)} x ${mm(depthM)} x ${mm(heightM)} mm. Height: ${mm(heightM)} mm. ${polygons} polygons.</p><p>Given under <a rel="license" href="${model.licence.address}">${model.licence.words}</a>. Price: ${model.price === 0 ? 'free' : `${model.price} shells`}.</p></div>`,
  );
}

import * as harbour from '../models/harbour';
import { drawPreview, makeEdition, measureModel } from './site-files';
import { anemometer, netFloat, rainGauge, tideGauge } from './site-shapes';
import { CC_BY, CC_BY_NC, CC_BY_SA, type SiteModel } from './site-model';
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

const HOST = 'tidewrack-exchange.example';
const HENKE = { name: 'Henke Sandström', slug: 'henke_s' };
const RUNA = { name: 'Runa Vestermoor', slug: 'runa_v' };
const pageOf = (slug: string): string => `https://${HOST}/m/${slug}`;

/** What opens the exchange in the demo. */
export const TIDEWRACK_KEY = 'gull-feather-27';

const MODELS: SiteModel[] = [
  {
    slug: 'tide-gauge',
    title: 'Tide gauge',
    author: HENKE,
    licence: CC_BY,
    category: 'instruments',
    tags: ['gauge', 'tide', 'weather'],
    about: 'A board with marks, read from the quay.',
    price: 0,
    published: '2026-02-20',
    parts: tideGauge,
  },
  {
    slug: 'rain-gauge',
    title: 'Rain gauge',
    author: HENKE,
    licence: CC_BY_SA,
    category: 'instruments',
    tags: ['gauge', 'rain', 'weather'],
    about: 'Zinc, as weather stations have it.',
    price: 0,
    published: '2026-03-12',
    parts: rainGauge,
  },
  {
    slug: 'cup-anemometer',
    title: 'Cup anemometer',
    author: RUNA,
    licence: CC_BY,
    category: 'instruments',
    tags: ['wind', 'weather', 'zinc'],
    about: 'Three cups on a mast that count the wind.',
    price: 0,
    published: '2026-04-01',
    parts: anemometer,
  },
  {
    slug: 'glass-net-float',
    title: 'Glass net float',
    author: RUNA,
    licence: CC_BY_NC,
    category: 'finds',
    tags: ['float', 'glass', 'rope'],
    about: 'Washed ashore, in its old ropes.',
    price: 0,
    published: '2026-05-17',
    parts: netFloat,
  },
  {
    slug: 'carved-gull',
    title: 'Carved gull',
    author: RUNA,
    licence: CC_BY_SA,
    category: 'figures',
    tags: ['gull', 'bird', 'wood'],
    about: 'A gull cut from driftwood.',
    price: 0,
    published: '2026-06-02',
    parts: harbour.gull,
  },
  {
    slug: 'signal-mast',
    title: 'Signal mast',
    author: HENKE,
    licence: CC_BY,
    category: 'masts',
    tags: ['mast', 'signal', 'harbour'],
    about: 'A mast with a yard for flags and cones.',
    price: 0,
    published: '2026-07-23',
    parts: harbour.signalMast,
  },
];

const PER_CALL = 4;
/** Takings a day and a key. */
const ALLOWANCE = 6;

const TERMS =
  'Terms of Tidewrack Exchange\n\nYou may take six models a day.\nYou credit who made a model as its licence asks.\nYou do not offer the models as an exchange of your own.\n';

/** Asked by an address template, answered with a link to what follows; a key, terms and an allowance a day; pages carry microdata. */
/** Pages that the demo studio's models are from: they stand, and say no more than their name. */
const OLDER: Record<string, string> = {
  '/m/barograph-cased': 'Barograph, cased',
};

export function createTidewrack(today: () => Date): Site {
  const taken = new Map<string, number>();
  const dayOf = (): string => today().toISOString().slice(0, 10);
  const backAt = (): string => `${new Date(Date.parse(dayOf()) + 24 * 3600 * 1000).toISOString().slice(0, 19)}Z`;
  const left = (key: string): number => ALLOWANCE - (taken.get(`${dayOf()} ${key}`) ?? 0);
  return {
    host: HOST,
    name: 'Tidewrack Exchange',
    models: MODELS,
    openapi: {
      openapi: '3.1.0',
      info: {
        title: 'Tidewrack Exchange',
        version: '2',
        description: 'A made-up exchange of models. A key for taking; searching is open.',
      },
      servers: [{ url: `https://${HOST}` }],
      components: { securitySchemes: { key: { type: 'apiKey', in: 'header', name: 'X-Exchange-Key' } } },
      paths: {
        '/exchange': {
          get: {
            summary: 'Where everything is: address templates (RFC 6570)',
            responses: { 200: { description: 'The templates' } },
          },
        },
        '/exchange/search': {
          get: {
            summary: 'Models by words; the header Link leads to more (RFC 8288)',
            parameters: [
              { name: 'words', in: 'query', schema: { type: 'string' } },
              { name: 'after', in: 'query', schema: { type: 'string' } },
            ],
            responses: { 200: { description: 'Some of them' } },
          },
        },
        '/exchange/item/{name}': {
          get: {
            summary: 'One model and the ways to take it',
            parameters: [{ name: 'name', in: 'path', required: true, schema: { type: 'string' } }],
            responses: { 200: { description: 'The model' } },
          },
        },
        '/exchange/terms': { get: { summary: 'The terms, as text', responses: { 200: { description: 'The terms' } } } },
        '/exchange/me': {
          get: {
            summary: 'What is left of the allowance',
            security: [{ key: [] }],
            responses: { 200: { description: 'The allowance' } },
          },
        },
        '/exchange/take/{name}/{way}': {
          get: {
            summary: 'The file; header X-Terms-Accepted with the terms’ date',
            security: [{ key: [] }],
            parameters: [
              { name: 'name', in: 'path', required: true, schema: { type: 'string' } },
              { name: 'way', in: 'path', required: true, schema: { type: 'string' } },
            ],
            responses: {
              200: { description: 'The file' },
              401: { description: 'No key' },
              428: { description: 'Terms not accepted' },
              429: { description: 'Nothing left today' },
            },
          },
        },
      },
    },
    async answer(request, faultOf): Promise<Reply> {
      const { path, query } = request;
      const key = request.headers['x-exchange-key'] ?? '';
      if (path === '/')
        return html(
          frame(
            'Models',
            `<h1>Washed ashore</h1>${MODELS.map(({ slug, title }) => `<p><a href="/m/${slug}">${escape(title)}</a></p>`).join('')}`,
          ),
        );
      if (path === '/exchange')
        return json({
          search: '/exchange/search{?words,after}',
          item: '/exchange/item/{name}',
          terms: '/exchange/terms',
          me: '/exchange/me',
          take: '/exchange/take/{name}/{way}',
        });
      if (path === '/exchange/terms')
        return { status: 200, headers: { 'content-type': 'text/plain; charset=utf-8' }, body: TERMS };
      if (path === '/exchange/me')
        return key === TIDEWRACK_KEY
          ? json({ left: left(key), of: ALLOWANCE, back: backAt() })
          : json({ error: 'unknown key' }, 401);
      if (path === '/exchange/search') {
        const found = findModels(MODELS, query.get('words') ?? '');
        const from = found.findIndex(({ slug }) => slug === query.get('after')) + 1;
        const some = found.slice(from, from + PER_CALL);
        const more = from + PER_CALL < found.length;
        const next = `/exchange/search?words=${encodeURIComponent(query.get('words') ?? '')}&after=${some.at(-1)?.slug}`;
        return json(
          { items: await Promise.all(some.map((model) => describe(model))) },
          200,
          more ? { link: `<${next}>; rel="next"` } : {},
        );
      }
      const older = OLDER[path];
      if (older) return html(frame(older, `<h1>${escape(older)}</h1><p>An older page; look around for more.</p>`));
      const [, kind, slug, way] =
        /^\/(exchange\/item|exchange\/take|m|pictures)\/([a-z0-9-]+)(?:\.png)?(?:\/([a-z0-9-]+))?$/.exec(path) ?? [];
      const model = MODELS.find((one) => one.slug === slug);
      if (!model) return html(frame('Nothing', '<h1>Nothing was washed ashore here.</h1>'), 404);
      if (kind === 'pictures') return picture(await drawPreview(model, '#f4ead6'));
      const fault = faultOf(slug);
      if (fault === 'gone') return html(frame('Nothing', '<h1>Nothing was washed ashore here.</h1>'), 404);
      if (fault === 'taken-down')
        return html(frame('Taken down', '<h1>This item was taken down at the request of its author.</h1>'), 451);
      const shown = showModel(model, fault);
      if (kind === 'exchange/item') return json(await describe(shown));
      if (kind === 'm') return html(await itemPage(shown), 200, { etag: `"${slug}-${fault ?? 1}"` });
      return take(request, shown, way ?? '', key);
    },
  };

  async function take(request: SiteRequest, model: SiteModel, way: string, key: string): Promise<Reply> {
    if (key !== TIDEWRACK_KEY) return json({ error: 'a key is needed' }, 401);
    if (request.headers['x-terms-accepted'] !== 'yes') return json({ error: 'the terms were not accepted' }, 428);
    const edition = editionsOf(model).find(({ id }) => id === way);
    if (!edition) return json({ error: 'no such way' }, 404);
    // going on with what was begun takes nothing more
    if (!request.headers.range) {
      if (left(key) <= 0)
        return json({ error: 'nothing left today' }, 429, { 'retry-after': new Date(backAt()).toUTCString() });
      taken.set(`${dayOf()} ${key}`, ALLOWANCE - left(key) + 1);
    }
    return file(model.slug, edition.fileName, (await makeEdition(model, edition, pageOf(model.slug))).bytes);
  }
}

async function describe(model: SiteModel): Promise<unknown> {
  return {
    name: model.slug,
    called: model.title,
    by: model.author.name,
    grant: model.licence.words,
    kind: model.category,
    words: model.tags.join(' '),
    picture: `/pictures/${model.slug}.png`,
    since: model.published,
    ways: await Promise.all(
      editionsOf(model).map(async (edition) => {
        const { bytes } = await makeEdition(model, edition, pageOf(model.slug));
        return {
          way: edition.id,
          file: edition.fileName,
          type: edition.format,
          texels: edition.maps,
          weight: bytes.length,
          holds: edition.carries,
        };
      }),
    ),
  };
}

const frame = (title: string, body: string): string =>
  `<!DOCTYPE html><html><head><meta charset="utf-8"><title>${escape(title)} | Tidewrack Exchange</title><style>body{font:15px/1.6 monospace;background:#f4ead6;color:#402a12;padding:2rem}h1{text-transform:lowercase}</style></head><body>${body}<aside>By: somebody else, a model of the week, CC0</aside></body></html>`;

async function itemPage(model: SiteModel): Promise<string> {
  const { heightM, widthM, depthM, triangles } = measureModel(model);
  const cm = (metres: number): string => `${Math.round(metres * 100)} cm`;
  return frame(
    model.title,
    `<article itemscope itemtype="https://schema.org/3DModel" itemid="${pageOf(model.slug)}"><h1 itemprop="name">${escape(model.title)}</h1>
<p itemprop="description">${escape(model.about)}</p><img itemprop="image" src="/pictures/${model.slug}.png" alt="">
<table><tr><th>by</th><td itemprop="author" itemscope itemtype="https://schema.org/Person"><a itemprop="url" href="/people/${model.author.slug}"><span itemprop="name">${escape(model.author.name)}</span></a></td></tr>
<tr><th>grant</th><td><a itemprop="license" href="${model.licence.address}">${model.licence.words}</a></td></tr>
<tr><th>size</th><td><span itemprop="width">${cm(widthM)}</span> wide, <span itemprop="height">${cm(heightM)}</span> high, <span itemprop="depth">${cm(depthM)}</span> deep</td></tr>
<tr><th>Triangles</th><td>${triangles}</td></tr><tr><th>words</th><td itemprop="keywords">${model.tags.join(', ')}</td></tr>
<tr><th>since</th><td><time itemprop="datePublished" datetime="${model.published}">${model.published}</time></td></tr></table></article>`,
  );
}

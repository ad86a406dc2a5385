import * as harbour from '../models/harbour';
import { drawPreview, makeEdition, measureModel } from './site-files';
import { bollard, fishCrate, harbourBench, quayLadder } from './site-shapes';
import { CC0, CC_BY, type SiteModel } from './site-model';
import { editionsOf, escape, file, findModels, html, json, picture, showModel, type Reply, type Site } from './site';

const HOST = 'quayside-models.example';
const INES = { name: 'Ines Falkenrot', slug: 'ines-falkenrot' };
const TOR = { name: 'Tor Aldersund', slug: 'tor-aldersund' };
const pageOf = (slug: string): string => `https://${HOST}/models/${slug}`;

const MODELS: SiteModel[] = [
  {
    slug: 'mooring-post',
    title: 'Mooring post',
    author: TOR,
    licence: CC_BY,
    category: 'Quay',
    tags: ['mooring', 'harbour', 'iron'],
    about: 'A post that ships are tied to, with a worn coat of paint.',
    price: 0,
    published: '2026-02-11',
    parts: harbour.mooringPost,
  },
  {
    slug: 'cast-bollard',
    title: 'Cast bollard',
    author: TOR,
    licence: CC0,
    category: 'Quay',
    tags: ['mooring', 'bollard', 'iron'],
    about: 'A low bollard of cast iron.',
    price: 0,
    published: '2026-03-04',
    parts: bollard,
  },
  {
    slug: 'harbour-bench',
    title: 'Harbour bench',
    author: INES,
    licence: CC_BY,
    category: 'Furniture',
    tags: ['bench', 'seat', 'oak'],
    about: 'An oak bench on iron feet, for waiting at the quay.',
    price: 0,
    published: '2026-04-19',
    parts: harbourBench,
  },
  {
    slug: 'fish-crate',
    title: 'Fish crate',
    author: INES,
    licence: CC0,
    category: 'Containers',
    tags: ['crate', 'box', 'oak'],
    about: 'A crate of oak slats, sixty centimetres long.',
    price: 0,
    published: '2026-05-02',
    parts: fishCrate,
  },
  {
    slug: 'quay-ladder',
    title: 'Quay ladder',
    author: TOR,
    licence: CC_BY,
    category: 'Quay',
    tags: ['ladder', 'zinc', 'steps'],
    about: 'A ladder down to the water.',
    price: 0,
    published: '2026-05-30',
    parts: quayLadder,
  },
  {
    slug: 'rope-coil',
    title: 'Rope coil',
    author: INES,
    licence: CC_BY,
    category: 'Quay',
    tags: ['rope', 'mooring'],
    about: 'A coil of thick rope.',
    price: 0,
    published: '2026-06-08',
    parts: harbour.ropeCoil,
  },
  {
    slug: 'life-ring',
    title: 'Life ring',
    author: INES,
    licence: CC_BY,
    category: 'Safety',
    tags: ['ring', 'rescue', 'red'],
    about: 'A ring to throw to somebody in the water.',
    price: 0,
    published: '2026-06-21',
    parts: harbour.lifeRing,
  },
  {
    slug: 'bell-buoy',
    title: 'Bell buoy, red',
    author: TOR,
    licence: CC_BY,
    category: 'Buoys',
    tags: ['buoy', 'bell', 'red'],
    about: 'A buoy that rings with the swell.',
    price: 0,
    published: '2026-01-15',
    parts: harbour.bellBuoy,
  },
];

/** Pages of results hold so many. */
const PER_PAGE = 5;

/** Asked by words in the address, answered in numbered pages; everything is free; pages carry JSON-LD. */
export const quayside: Site = {
  host: HOST,
  name: 'Quayside Models',
  models: MODELS,
  openapi: {
    openapi: '3.1.0',
    info: { title: 'Quayside Models', version: '1', description: 'Free models of a made-up harbour. No sign-in.' },
    servers: [{ url: `https://${HOST}` }],
    paths: {
      '/api/v1/models': {
        get: {
          summary: 'Models whose words hold every word asked for',
          parameters: [
            { name: 'q', in: 'query', schema: { type: 'string' } },
            { name: 'page', in: 'query', schema: { type: 'integer', minimum: 1 } },
          ],
          responses: { 200: { description: 'One page of them, and how many there are' } },
        },
      },
      '/api/v1/models/{slug}': {
        get: {
          summary: 'One model with its files',
          parameters: [{ name: 'slug', in: 'path', required: true, schema: { type: 'string' } }],
          responses: {
            200: { description: 'The model' },
            404: { description: 'There is none' },
            410: { description: 'It was removed' },
          },
        },
      },
    },
  },
  async answer(request, faultOf): Promise<Reply> {
    const { path, query } = request;
    if (path === '/') return html(frame('Models', listPage()));
    if (path === '/api/v1/models') {
      const found = findModels(MODELS, query.get('q') ?? '');
      const page = Math.max(1, Number(query.get('page') ?? 1) || 1);
      return json({
        total: found.length,
        page,
        pages: Math.max(1, Math.ceil(found.length / PER_PAGE)),
        models: await Promise.all(found.slice((page - 1) * PER_PAGE, page * PER_PAGE).map(describe)),
      });
    }
    const older = OLDER[path];
    if (older) return html(frame(older, `<h1>${escape(older)}</h1><p>An older page; downloads are on the list.</p>`));
    const [, kind, slug, id] =
      /^\/(api\/v1\/models|models|files|previews)\/([a-z0-9-]+)(?:\.png)?(?:\/([a-z0-9-]+))?$/.exec(path) ?? [];
    const model = MODELS.find((one) => one.slug === slug);
    if (!model) return html(frame('Not here', '<h1>There is no such page.</h1>'), 404);
    const fault = faultOf(slug);
    if (kind !== 'previews' && fault === 'gone') return html(frame('Not here', '<h1>There is no such page.</h1>'), 404);
    if (kind !== 'previews' && fault === 'taken-down')
      return html(frame('Removed', '<h1>This model has been removed by its author.</h1>'), 410);
    if (kind === 'previews') return picture(await drawPreview(model, '#e8eef0'));
    const shown = showModel(model, fault);
    if (kind === 'api/v1/models') return json(await describe(shown));
    if (kind === 'models') return html(await modelPage(shown), 200, { etag: `"${slug}-${fault ?? '1'}"` });
    const edition = editionsOf(shown).find((one) => one.id === id);
    if (!edition) return html(frame('Not here', '<h1>There is no such file.</h1>'), 404);
    return file(slug, edition.fileName, (await makeEdition(shown, edition, pageOf(slug))).bytes);
  },
};

/** Pages that the demo studio's models are from: they stand, and say no more than their name. */
const OLDER: Record<string, string> = {
  '/bell-buoy': 'Bell buoy',
  '/chart-table-oak': 'Chart table, oak',
  '/instrument-kit': 'Instrument kit',
  '/pennant': 'Harbour pennant',
  '/quay-furniture': 'Quay furniture',
  '/station-hut': 'Station hut',
};

async function describe(model: SiteModel): Promise<unknown> {
  const figures = measureModel(model);
  return {
    slug: model.slug,
    title: model.title,
    page: pageOf(model.slug),
    author: { name: model.author.name, profile: `https://${HOST}/people/${model.author.slug}` },
    licence: { name: model.licence.words, url: model.licence.address },
    category: model.category,
    tags: model.tags,
    published: model.published,
    polygons: figures.polygons,
    preview: `https://${HOST}/previews/${model.slug}.png`,
    files: await Promise.all(
      editionsOf(model).map(async (edition) => {
        const { bytes, sha256 } = await makeEdition(model, edition, pageOf(model.slug));
        return {
          id: edition.id,
          name: edition.fileName,
          format: edition.format,
          map_size: edition.maps,
          bytes: bytes.length,
          sha256,
          contains: edition.carries,
          href: `https://${HOST}/files/${model.slug}/${edition.id}`,
        };
      }),
    ),
  };
}

const frame = (title: string, body: string): string =>
  `<!DOCTYPE html><html lang="en"><head><meta charset="utf-8"><title>${escape(title)} – Quayside Models</title><style>body{font:16px/1.5 Georgia,serif;margin:2rem auto;max-width:44rem;background:#e8eef0;color:#1c3138}nav{border-bottom:3px double #1c3138}</style></head><body><nav><b>Quayside Models</b> free things from the harbour</nav><main>${body}</main><footer>Pages of this site are under CC BY-SA 4.0.</footer></body></html>`;

const listPage = (): string =>
  `<h1>All models</h1><ul>${MODELS.map(({ slug, title }) => `<li><a href="/models/${slug}">${escape(title)}</a></li>`).join('')}</ul>`;

async function modelPage(model: SiteModel): Promise<string> {
  const { heightM, widthM, depthM, polygons } = measureModel(model);
  const side = (metres: number): unknown => ({
    '@type': 'QuantitativeValue',
    value: Math.round(metres * 1000),
    unitCode: 'MMT',
  });
  const data = {
    '@context': 'https://schema.org',
    '@type': '3DModel',
    name: model.title,
    url: pageOf(model.slug),
    description: model.about,
    author: { '@type': 'Person', name: model.author.name, url: `https://${HOST}/people/${model.author.slug}` },
    license: model.licence.address,
    keywords: model.tags,
    genre: model.category,
    datePublished: model.published,
    height: side(heightM),
    width: side(widthM),
    depth: side(depthM),
    image: `https://${HOST}/previews/${model.slug}.png`,
    isAccessibleForFree: true,
    additionalProperty: [{ '@type': 'PropertyValue', name: 'Polygons', value: polygons }],
    encoding: editionsOf(model).map(({ format }) => ({ '@type': 'MediaObject', encodingFormat: format.toUpperCase() })),
  };
  const others = MODELS.filter(({ slug }) => slug !== model.slug).slice(0, 3);
  return frame(
    model.title,
    `<script type="application/ld+json">${JSON.stringify(data)}</script><h1>${escape(model.title)}</h1><p>${escape(model.about)}</p><img src="/previews/${model.slug}.png" alt=""><p>Made by ${escape(model.author.name)}, ${model.published}. You may use it under <a rel="license" href="${model.licence.address}">${model.licence.words}</a>.</p><h2>Others also took</h2><ul>${others.map(({ slug, title, licence }) => `<li><a href="/models/${slug}">${escape(title)}</a> ${licence.words}</li>`).join('')}</ul>`,
  );
}

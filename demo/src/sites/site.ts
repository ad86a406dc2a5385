import type { Fault } from './faults';
import { block, type Part } from '../shape';
import { CC_BY_NC, type SiteEdition, type SiteModel } from './site-model';

/** What a site is asked, taken apart. */
export interface SiteRequest {
  method: string;
  path: string;
  query: URLSearchParams;
  headers: Record<string, string>;
  body: string;
}

/** What it answers. */
export interface Reply {
  status: number;
  headers: Record<string, string>;
  body: Buffer | string;
  /** A file of this model: a fault told of it applies. */
  fileOf?: string;
}

export interface Site {
  host: string;
  name: string;
  models: readonly SiteModel[];
  /** Its API, by OpenAPI 3.1. */
  openapi: unknown;
  answer: (request: SiteRequest, faultOf: (slug: string) => Fault | null) => Promise<Reply>;
}

export const json = (value: unknown, status = 200, headers: Record<string, string> = {}): Reply => ({
  status,
  headers: { 'content-type': 'application/json', ...headers },
  body: JSON.stringify(value),
});

export const html = (body: string, status = 200, headers: Record<string, string> = {}): Reply => ({
  status,
  headers: { 'content-type': 'text/html; charset=utf-8', ...headers },
  body,
});

export const picture = (body: Buffer): Reply => ({
  status: 200,
  headers: { 'content-type': 'image/png', 'cache-control': 'max-age=3600' },
  body,
});

export const file = (slug: string, name: string, body: Buffer): Reply => ({
  status: 200,
  headers: {
    'content-type': name.endsWith('.glb') ? 'model/gltf-binary' : 'application/zip',
    'content-disposition': `attachment; filename="${name}"`,
  },
  body,
  fileOf: slug,
});

/** Words of a page as they may stand in it. */
export const escape = (words: string): string =>
  words.replace(/[&<>"]/g, (sign) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[sign]!);

/** A model as its site shows it while something was told to go wrong: under another licence, by another name, made anew. */
export function showModel(model: SiteModel, fault: Fault | null): SiteModel {
  if (fault === 'licence-changed') return { ...model, licence: CC_BY_NC };
  if (fault === 'author-renamed')
    return { ...model, author: { ...model.author, name: `${model.author.name} Ravnsund` } };
  if (fault !== 'newer-version') return model;
  // a newer one stands on a slab, so that it has another shape
  const slab = (): Part => block('slab', 'zinc', [1.2, 0.06, 1.2], [0, -0.03, 0]);
  return { ...model, version: 2, published: '2026-11-20', parts: () => [...model.parts(), slab()] };
}

/** Three ways to have a model, as the sites offer them. */
export const editionsOf = (model: SiteModel): SiteEdition[] => {
  const stem = `${model.slug.replaceAll('-', '_')}${model.version ? `_v${model.version}` : ''}`;
  return [
    {
      id: 'glb-512',
      format: 'glb',
      maps: 512,
      unit: 1,
      zUp: false,
      fileName: `${stem}_512.glb`,
      carries: ['materials', 'maps', 'metres'],
    },
    {
      id: 'glb-256',
      format: 'glb',
      maps: 256,
      unit: 1,
      zUp: false,
      fileName: `${stem}_256.glb`,
      carries: ['materials', 'maps', 'metres'],
    },
    {
      id: 'obj',
      format: 'obj',
      maps: 256,
      unit: 0.01,
      zUp: true,
      fileName: `${stem}_obj.zip`,
      carries: ['polygons', 'maps', 'read-me'],
    },
  ];
};

/** @returns models whose words hold every word that was asked for */
export const findModels = (models: readonly SiteModel[], words: string): SiteModel[] => {
  const wanted = words.toLowerCase().split(/\s+/).filter(Boolean);
  return models.filter((model) => {
    const said = [model.title, model.about, model.category, model.author.name, ...model.tags].join(' ').toLowerCase();
    return wanted.every((word) => said.includes(word));
  });
};

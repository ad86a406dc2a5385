import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { basename, dirname, extname, join, relative } from 'node:path';
import type { TextureRole } from '@haveld/contract/texture-role';

/** A map of an open material set. */
export interface SetMap {
  set: string;
  /** As its makers name it, from the set's folder. */
  path: string;
  file: string;
  /** What its material binds it as; several where it is bound as several, or where a slot takes either. */
  roles: TextureRole[];
  /** What it belongs to: maps of one material share it. */
  material: string;
}

export interface MaterialSet {
  name: string;
  /** Where it can be had. */
  from: { registry: 'debian' | 'npm'; package: string };
  licence: string;
  /** `tuning`: weights may be fitted to it. `held-out`: only ever reported. */
  use: 'tuning' | 'held-out';
  /** Where its truth comes from. */
  truth: string;
  list(folder: string): SetMap[];
}

const PICTURE = /\.(png|jpe?g|tga|webp)$/i;

/** Sets of maps whose role stands in something other than their name: a material's slots, or what the program that draws them expects. */
export const MATERIAL_SETS: MaterialSet[] = [
  {
    name: 'nexuiz-textures',
    from: { registry: 'debian', package: 'nexuiz-textures' },
    licence: 'GPL-2.0-or-later',
    use: 'tuning',
    truth: 'suffixes its engine reads',
    list: (folder) =>
      listBySuffix(join(folder, 'pk3'), 'nexuiz-textures', {
        _norm: ['normal'],
        _bump: ['height'],
        _gloss: ['specular', 'glossiness'],
        _glow: ['emissive'],
        '': ['base-colour'],
      }),
  },
  {
    name: 'ufoai-textures',
    from: { registry: 'debian', package: 'ufoai-textures' },
    licence: 'GPL-2.0-or-later, CC-BY-SA-3.0 and others',
    use: 'tuning',
    truth: 'suffixes its engine reads',
    list: (folder) =>
      listBySuffix(join(folder, 'pk3'), 'ufoai-textures', {
        _nm: ['normal'],
        _sm: ['specular', 'glossiness'],
        _gm: ['emissive'],
        '': ['base-colour'],
      }),
  },
  {
    name: 'dice-themes',
    from: { registry: 'npm', package: '@3d-dice/dice-themes' },
    licence: 'MIT',
    use: 'tuning',
    truth: 'slots of theme.config.json',
    list: listDiceThemes,
  },
  {
    name: 'redeclipse-data',
    from: { registry: 'debian', package: 'redeclipse-data' },
    licence: 'CC-BY-SA-3.0 and others, by author',
    use: 'held-out',
    truth: 'slots of textures.cfg',
    list: listTextureSlots,
  },
  {
    name: 'supertuxkart-data',
    from: { registry: 'debian', package: 'supertuxkart-data' },
    licence: 'CC-BY-SA-3.0, CC-BY-SA-4.0 and others, by author',
    use: 'held-out',
    truth: 'attributes of materials.xml',
    list: listMaterialsXml,
  },
  {
    name: 'qt3d5-examples',
    from: { registry: 'debian', package: 'qt3d5-examples' },
    licence: 'BSD-3-Clause',
    use: 'held-out',
    truth: 'names bound in its QML by role',
    list: (folder) =>
      listBySuffix(
        join(folder, 'usr/lib/x86_64-linux-gnu/qt5/examples/qt3d/exampleresources/assets/textures'),
        'qt3d5-examples',
        {
          _basecolor: ['base-colour'],
          _normal: ['normal'],
          _metallic: ['metallic'],
          _roughness: ['roughness'],
          _ambient_occlusion: ['occlusion'],
        },
      ),
  },
  {
    name: 'ez-tree',
    from: { registry: 'npm', package: '@dgreenheck/ez-tree' },
    licence: 'MIT',
    use: 'held-out',
    truth: 'slots bound in its source',
    list: (folder) =>
      listBySuffix(join(folder, 'package/src/lib/assets'), 'ez-tree', {
        _normal_1k: ['normal'],
        _roughness_1k: ['roughness'],
        _ao_1k: ['occlusion'],
        _color_1k: ['base-colour'],
        _color: ['base-colour'],
      }),
  },
];

function listFiles(folder: string): string[] {
  if (!existsSync(folder)) return [];
  return readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile())
    .map((entry) => join(entry.parentPath, entry.name))
    .sort();
}

/** Materials are stems; a bare stem counts only where a map with a suffix stands beside it. */
function listBySuffix(folder: string, set: string, suffixes: Record<string, TextureRole[]>): SetMap[] {
  const files = listFiles(folder).filter((file) => PICTURE.test(file));
  const described = files.map((file) => {
    const stem = file.slice(0, -extname(file).length);
    const suffix = Object.keys(suffixes).find((one) => one !== '' && stem.toLowerCase().endsWith(one)) ?? '';
    return { file, suffix, material: stem.slice(0, stem.length - suffix.length) };
  });
  const sets = new Set(described.filter(({ suffix }) => suffix !== '').map(({ material }) => material));
  return described
    .filter(({ suffix, material }) => suffix in suffixes && sets.has(material))
    .map(({ file, suffix, material }) => ({
      set,
      file,
      path: relative(folder, file),
      roles: suffixes[suffix],
      material: relative(folder, material),
    }));
}

function listDiceThemes(folder: string): SetMap[] {
  const slots: Record<string, TextureRole[]> = {
    diffuseTexture: ['base-colour'],
    bumpTexture: ['normal'],
    specularTexture: ['specular', 'roughness', 'glossiness', 'metallic'],
  };
  return listFiles(folder)
    .filter((file) => basename(file) === 'theme.config.json')
    .flatMap((config) => {
      const { material } = JSON.parse(readFileSync(config, 'utf8')) as { material: Record<string, unknown> };
      return Object.entries(slots).flatMap(([slot, roles]) => {
        const bound = material[slot];
        const names = typeof bound === 'string' ? [bound] : Object.values((bound ?? {}) as Record<string, string>);
        return names
          .map((name) => join(dirname(config), name))
          .filter((file) => existsSync(file))
          .map((file) => ({
            set: 'dice-themes',
            file,
            path: relative(folder, file),
            roles,
            material: dirname(config),
          }));
      });
    });
}

/** `texture n "author/wall_n.png"`: c and 0 colour, n normal, s specular, z height, g glow. */
function listTextureSlots(folder: string): SetMap[] {
  const data = join(folder, 'usr/share/games/redeclipse/data');
  // its engine has one slot for what shines: specular and glossiness go there alike
  const slots: Record<string, TextureRole[]> = {
    c: ['base-colour'],
    '0': ['base-colour'],
    n: ['normal'],
    s: ['specular', 'glossiness'],
    z: ['height'],
    g: ['emissive'],
  };
  const found = new Map<string, SetMap>();
  for (const config of listFiles(data).filter((file) => basename(file) === 'textures.cfg')) {
    let material = '';
    for (const line of readFileSync(config, 'utf8').split(/\r?\n/)) {
      const [, slot, quoted, bare] = /^\s*texture\s+"?([a-z0-9])"?\s+(?:"([^"]+)"|(\S+))/.exec(line) ?? [];
      const roles = slots[slot];
      if (!roles) continue;
      const path = (quoted ?? bare).replace(/<[^>]*>/g, '');
      if (slot === 'c' || slot === '0') material = path;
      const file = join(data, path);
      if (!existsSync(file) || !PICTURE.test(path)) continue;
      const known = found.get(file);
      if (known) known.roles = [...new Set([...known.roles, ...roles])];
      else found.set(file, { set: 'redeclipse-data', file, path, roles: [...roles], material });
    }
  }
  return [...found.values()];
}

function listMaterialsXml(folder: string): SetMap[] {
  const slots: Record<string, TextureRole[]> = {
    name: ['base-colour'],
    'normal-map': ['normal'],
    'gloss-map': ['packed', 'glossiness', 'specular'],
    'colorization-mask': ['mask', 'opacity'],
  };
  const found = new Map<string, SetMap>();
  const shared = listFiles(folder).filter((file) => PICTURE.test(file));
  const byName = new Map(shared.map((file) => [basename(file), file]));
  for (const config of listFiles(folder).filter((file) => basename(file) === 'materials.xml')) {
    for (const [tag] of readFileSync(config, 'utf8').matchAll(/<material [^>]*>/g)) {
      const attributes = Object.fromEntries(
        [...tag.matchAll(/([\w-]+)="([^"]*)"/g)].map(([, name, value]) => [name, value]),
      );
      const isMaterial = 'normal-map' in attributes || 'gloss-map' in attributes;
      for (const [slot, roles] of Object.entries(slots)) {
        const name = attributes[slot];
        if (!name || (slot === 'name' && !isMaterial)) continue;
        const beside = join(dirname(config), name);
        const file = existsSync(beside) ? beside : byName.get(name);
        if (!file || !PICTURE.test(file)) continue;
        const known = found.get(file);
        if (known) known.roles = [...new Set([...known.roles, ...roles])];
        else
          found.set(file, {
            set: 'supertuxkart-data',
            file,
            path: relative(folder, file),
            roles,
            material: `${config}:${attributes.name}`,
          });
      }
    }
  }
  return [...found.values()];
}

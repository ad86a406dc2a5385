import type { Part } from './shape';

export interface ObjOptions {
  /** First lines, without `#`. */
  header: string[];
  library: string | null;
  /** Length of one unit of the file, in metres. */
  unit: number;
  /** True writes Z up, as drawing programs do. */
  zUp?: boolean;
}

/** Writes parts as OBJ text with polygons as they are. */
export function writeDemoObj(parts: readonly Part[], { header, library, unit, zUp }: ObjOptions): Buffer {
  const lines = header.map((line) => `# ${line}`);
  if (library) lines.push(`mtllib ${library}`);
  let points = 1;
  let layout = 1;
  const number = (v: number): string => String(Number((v / unit).toFixed(unit < 0.01 ? 2 : 5)));
  for (const part of parts) {
    lines.push(`o ${part.name.replaceAll(' ', '_')}`);
    for (const [x, y, z] of part.points)
      lines.push(zUp ? `v ${number(x)} ${number(-z)} ${number(y)}` : `v ${number(x)} ${number(y)} ${number(z)}`);
    for (const [u, v] of part.layout) lines.push(`vt ${u.toFixed(4)} ${v.toFixed(4)}`);
    lines.push(`usemtl ${part.material}`);
    let smoothing = -1;
    for (const polygon of part.polygons) {
      if (polygon.smoothing !== smoothing) {
        smoothing = polygon.smoothing;
        lines.push(smoothing === 0 ? 's off' : `s ${smoothing}`);
      }
      lines.push(`f ${polygon.corners.map(([p, l]) => `${p + points}/${l + layout}`).join(' ')}`);
    }
    points += part.points.length;
    layout += part.layout.length;
  }
  return Buffer.from(`${lines.join('\n')}\n`);
}

export interface DemoMaterial {
  name: string;
  /** sRGB, 0 to 1. */
  colour: [number, number, number];
  roughness: number;
  metallic?: number;
  opacity?: number;
  /** As it shall stand in the file. */
  maps?: Record<string, string>;
}

/** Writes a material file. */
export function writeDemoMtl(materials: readonly DemoMaterial[], header: string[]): Buffer {
  const lines = header.map((line) => `# ${line}`);
  for (const material of materials) {
    lines.push('', `newmtl ${material.name}`, `Kd ${material.colour.join(' ')}`, `Pr ${material.roughness}`);
    if (material.metallic) lines.push(`Pm ${material.metallic}`);
    if (material.opacity !== undefined) lines.push(`d ${material.opacity}`);
    for (const [statement, file] of Object.entries(material.maps ?? {})) lines.push(`${statement} ${file}`);
  }
  return Buffer.from(`${lines.join('\n')}\n`);
}

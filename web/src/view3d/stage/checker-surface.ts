import {
  CanvasTexture,
  DoubleSide,
  MeshStandardMaterial,
  RepeatWrapping,
  SRGBColorSpace,
  type Material,
  type Mesh,
  type Object3D,
} from 'three';

/** Texels of a map one square stands for. */
const SQUARE_TEXELS = 64;

/** Squares of one drawing, a side. */
const SQUARES = 8;
const SQUARE_PX = 64;

/** Where a surface has no map: as if it had one of this side. */
const SIDE_UNKNOWN = 1024;

/** Squares laid over surfaces in place of their materials, as fine as the map that lies there. */
export class CheckerSurface {
  readonly #own = new WeakMap<Mesh, Material | Material[]>();
  readonly #made = new Map<number, MeshStandardMaterial>();
  #drawing: HTMLCanvasElement | null = null;

  /** @param isLaid false gives every mesh its own material back */
  lay(root: Object3D, isLaid: boolean): void {
    root.traverse((object) => {
      const mesh = object as Mesh;
      if (!mesh.isMesh || mesh.name.startsWith('haveld-')) return;
      const own = this.#own.get(mesh);
      if (!isLaid) {
        if (own) mesh.material = own;
        return;
      }
      if (!own) this.#own.set(mesh, mesh.material);
      mesh.material = this.#get(sideOf(this.#own.get(mesh)!));
    });
  }

  #get(side: number): MeshStandardMaterial {
    const known = this.#made.get(side);
    if (known) return known;
    const map = new CanvasTexture((this.#drawing ??= drawSquares()));
    map.wrapS = RepeatWrapping;
    map.wrapT = RepeatWrapping;
    map.colorSpace = SRGBColorSpace;
    map.flipY = false;
    map.anisotropy = 8;
    map.repeat.setScalar(side / (SQUARE_TEXELS * SQUARES));
    const material = new MeshStandardMaterial({ map, roughness: 0.9, side: DoubleSide });
    this.#made.set(side, material);
    return material;
  }

  dispose(): void {
    for (const material of this.#made.values()) {
      material.map?.dispose();
      material.dispose();
    }
    this.#made.clear();
  }
}

function sideOf(material: Material | Material[]): number {
  const [first] = Array.isArray(material) ? material : [material];
  const { map } = first as MeshStandardMaterial;
  const image = map?.image as { width?: number; height?: number } | undefined;
  return Math.max(image?.width ?? 0, image?.height ?? 0) || SIDE_UNKNOWN;
}

/** Paper and petrol squares, each with its own letter and figure, so that a mirrored or turned one shows. */
function drawSquares(): HTMLCanvasElement {
  const canvas = document.createElement('canvas');
  canvas.width = SQUARES * SQUARE_PX;
  canvas.height = SQUARES * SQUARE_PX;
  const context = canvas.getContext('2d')!;
  context.textAlign = 'center';
  context.textBaseline = 'middle';
  context.font = '600 24px "Source Code Pro Variable", monospace';
  for (let row = 0; row < SQUARES; row++)
    for (let column = 0; column < SQUARES; column++) {
      const isDark = (row + column) % 2 === 1;
      context.fillStyle = isDark ? '#6f8f8a' : '#f4f0e6';
      context.fillRect(column * SQUARE_PX, row * SQUARE_PX, SQUARE_PX, SQUARE_PX);
      context.fillStyle = isDark ? '#f4f0e6' : '#6f8f8a';
      const letter = String.fromCharCode(65 + row);
      context.fillText(`${letter}${column + 1}`, (column + 0.5) * SQUARE_PX, (row + 0.5) * SQUARE_PX);
    }
  return canvas;
}

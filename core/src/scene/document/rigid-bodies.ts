import {
  Extension,
  ExtensionProperty,
  PropertyType,
  type IProperty,
  type Mesh,
  type Node,
  type Nullable,
  type ReaderContext,
  type WriterContext,
} from '@gltf-transform/core';

// KHR_physics_rigid_bodies and KHR_implicit_shapes, both drafts: docs/formats.md says what they are written by
const BODIES = 'KHR_physics_rigid_bodies';
const SHAPES = 'KHR_implicit_shapes';

/** A shape of KHR_implicit_shapes, in the space of its node; round ones stand along Y. */
export type ImplicitShape =
  | { type: 'box'; box: { size: number[] } }
  | { type: 'sphere'; sphere: { radius: number } }
  | { type: 'capsule'; capsule: { radiusBottom: number; radiusTop: number; height: number } }
  | { type: 'cylinder'; cylinder: { radiusBottom: number; radiusTop: number; height: number } };

/** How a body moves: kilograms, and its balance point in the space of its node. */
export interface Motion {
  mass: number;
  centerOfMass: number[];
}

interface IRigidBody extends IProperty {
  motion: { of: Motion | null };
  shape: { of: ImplicitShape | null };
  friction: number;
  mesh: Mesh;
  isHull: boolean;
}

/** What a node is to physics: a body that moves, or a collider of the body above it. */
export class RigidBody extends ExtensionProperty<IRigidBody> {
  static override EXTENSION_NAME = BODIES;
  declare extensionName: typeof BODIES;
  declare propertyType: 'RigidBody';
  declare parentTypes: [PropertyType.NODE];

  protected override init(): void {
    this.extensionName = BODIES;
    this.propertyType = 'RigidBody';
    this.parentTypes = [PropertyType.NODE];
  }

  protected override getDefaults(): Nullable<IRigidBody> {
    return Object.assign(super.getDefaults() as IProperty, {
      motion: { of: null },
      shape: { of: null },
      friction: 0.5,
      mesh: null,
      isHull: true,
    });
  }

  /** @returns null where it does not move */
  getMotion(): Motion | null {
    return this.get('motion').of;
  }

  setMotion(motion: Motion | null): this {
    return this.set('motion', { of: motion });
  }

  /** @returns null where its collider is a hull, or it has none */
  getShape(): ImplicitShape | null {
    return this.get('shape').of;
  }

  setShape(shape: ImplicitShape | null): this {
    return this.set('shape', { of: shape });
  }

  /** A mesh that collides, or its convex hull; it is not shown. */
  getMesh(): Mesh | null {
    return this.getRef('mesh');
  }

  setMesh(mesh: Mesh | null): this {
    return this.setRef('mesh', mesh);
  }

  /** True where it is the hull of its mesh that collides, false for the mesh as it is. */
  getIsHull(): boolean {
    return this.get('isHull');
  }

  setIsHull(isHull: boolean): this {
    return this.set('isHull', isHull);
  }

  getFriction(): number {
    return this.get('friction');
  }

  setFriction(friction: number): this {
    return this.set('friction', friction);
  }
}

export const getRigidBody = (node: Node): RigidBody | null => node.getExtension<RigidBody>(BODIES);

/** Names KHR_implicit_shapes as used; what it holds is written by the bodies that use it. */
export class ImplicitShapes extends Extension {
  static override readonly EXTENSION_NAME = SHAPES;
  override readonly extensionName = SHAPES;
  override read(): this {
    return this;
  }
  override write(): this {
    return this;
  }
}

interface NodeDef {
  motion?: { mass?: number; centerOfMass?: number[] };
  collider?: {
    geometry?: { shape?: number; mesh?: number; convexHull?: boolean };
    physicsMaterial?: number;
  };
}
interface RootDef {
  physicsMaterials?: { staticFriction?: number; dynamicFriction?: number }[];
}

/** Bodies and colliders by node. */
export class RigidBodies extends Extension {
  static override readonly EXTENSION_NAME = BODIES;
  override readonly extensionName = BODIES;

  createRigidBody(): RigidBody {
    return new RigidBody(this.document.getGraph());
  }

  override read(context: ReaderContext): this {
    const { json } = context.jsonDoc;
    const shapes = (json.extensions?.[SHAPES] as { shapes?: ImplicitShape[] } | undefined)?.shapes ?? [];
    const { physicsMaterials = [] } = (json.extensions?.[BODIES] as RootDef | undefined) ?? {};
    (json.nodes ?? []).forEach((nodeDef, i) => {
      const described = nodeDef.extensions?.[BODIES] as NodeDef | undefined;
      if (!described) return;
      const { motion, collider } = described;
      const body = this.createRigidBody();
      if (motion) body.setMotion({ mass: motion.mass ?? 1, centerOfMass: motion.centerOfMass ?? [0, 0, 0] });
      const { shape, mesh, convexHull = false } = collider?.geometry ?? {};
      if (shape !== undefined) body.setShape(shapes.at(shape) ?? null);
      if (mesh !== undefined) body.setMesh(context.meshes.at(mesh) ?? null).setIsHull(convexHull);
      const friction = physicsMaterials.at(collider?.physicsMaterial ?? -1)?.dynamicFriction;
      if (collider?.physicsMaterial !== undefined && friction !== undefined) body.setFriction(friction);
      context.nodes[i].setExtension(BODIES, body);
    });
    return this;
  }

  override write(context: WriterContext): this {
    const { json } = context.jsonDoc;
    const shapes: ImplicitShape[] = [];
    const frictions: number[] = [];
    for (const node of this.document.getRoot().listNodes()) {
      const body = getRigidBody(node);
      const index = context.nodeIndexMap.get(node);
      if (!body || index === undefined) continue;
      const [motion, shape, mesh] = [body.getMotion(), body.getShape(), body.getMesh()];
      const described: NodeDef = {};
      if (motion) described.motion = { ...motion };
      if (shape || mesh) {
        if (!frictions.includes(body.getFriction())) frictions.push(body.getFriction());
        described.collider = {
          geometry: shape
            ? { shape: shapes.push(shape) - 1 }
            : { mesh: context.meshIndexMap.get(mesh!), convexHull: body.getIsHull() },
          physicsMaterial: frictions.indexOf(body.getFriction()),
        };
      }
      const nodeDef = json.nodes![index];
      nodeDef.extensions = { ...nodeDef.extensions, [BODIES]: described };
    }
    if (shapes.length > 0) json.extensions = { ...json.extensions, [SHAPES]: { shapes } };
    json.extensions = {
      ...json.extensions,
      [BODIES]: {
        physicsMaterials: frictions.map((friction) => ({ staticFriction: friction, dynamicFriction: friction })),
      },
    };
    return this;
  }
}

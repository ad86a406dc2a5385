import { formatLength } from '../../placement/units';
import { count } from '../../text/count';
import { getPlacementRoot } from '../placement-root';
import type { StepDefinition } from '../step-definition';

/** What each is called. */
export const COLLISION_WORDS = {
  box: 'a box',
  sphere: 'a sphere',
  cylinder: 'a cylinder',
  capsule: 'a capsule',
  'turned-box': 'a turned box',
  hull: 'its convex hull',
  hulls: 'convex hulls',
} as const;

export const setCollisionShape: StepDefinition<'set-collision'> = {
  kind: 'set-collision',
  phase: 'scene',
  // levels are copies of what is shown
  order: 1,
  codeVersion: 1,
  topology: 'keeps',
  title: ({ shape, isMovable }) => `Collides as ${COLLISION_WORDS[shape]}, ${isMovable ? 'movable' : 'fixed'}`,
  credit: () => null,
  adaptation: () => null,
  async apply(document, step) {
    // the physics package is large and wanted by few
    const [{ setCollision }, { startPhysics }] = await Promise.all([
      import('../../placement/collision/set-collision'),
      import('../../placement/tumble/physics'),
    ]);
    const fitted = setCollision(await startPhysics(), document, getPlacementRoot(document), step);
    if (!fitted) return { changed: '', unmatched: [`a model that can be held by ${COLLISION_WORDS[step.shape]}`] };
    const hulls = fitted.hulls > 1 ? `${count(fitted.hulls, 'hull')}, ` : '';
    return {
      changed: `${hulls}${fitted.times.toFixed(2)} times what it fills, up to ${formatLength(fitted.air)} away from it`,
      unmatched: [],
    };
  },
};

import * as rapier from '@dimforge/rapier3d-compat';

let started: Promise<void> | null = null;

/** @returns the physics package, started once */
export async function startPhysics(): Promise<typeof rapier> {
  started ??= rapier.init();
  await started;
  return rapier;
}

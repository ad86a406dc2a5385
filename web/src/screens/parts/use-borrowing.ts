import { useState } from 'react';
import type { LenderAsset, Sheet } from '@haveld/contract/api/bench';
import type { Lender, PartRef, Step, TextureSlot } from '@haveld/contract/step';
import type { PartRow } from '@haveld/core/structure/parts/part-rows';
import type { PickedPart } from '../../view3d/stage/part-marks';
import { findPlace, referToParts, useLender, type TreatedModel } from '../../view3d/use-part-sheet';
import { withBelow } from './arrange-rows';
import { makePartKey, type usePartSteps } from './use-part-steps';

/** Something of a lender that can be taken. */
export type Lendable =
  | { kind: 'whole'; name: string }
  | { kind: 'part'; name: string; row: PartRow; ref: PartRef }
  | { kind: 'material'; name: string }
  | { kind: 'map'; name: string; slot: TextureSlot };

/** A part, or all of it: it has a place. */
export const isPutSomewhere = (thing: Lendable | null): thing is Extract<Lendable, { kind: 'whole' | 'part' }> =>
  thing?.kind === 'whole' || thing?.kind === 'part';

/** Where on the model something goes. */
type Place = Pick<PickedPart, 'id' | 'point'>;

/** Borrowing: whose, what of it, where it goes, how it is turned and how large; put elsewhere it moves. */
export function useBorrowing({
  model,
  rows,
  chosenRows,
  sheet,
  own,
}: {
  model: TreatedModel;
  rows: readonly PartRow[];
  chosenRows: readonly PartRow[];
  sheet: Pick<Sheet, 'steps'>;
  own: ReturnType<typeof usePartSteps>;
}) {
  const [asset, setAsset] = useState<LenderAsset | null>(null);
  const [thing, setThing] = useState<Lendable | null>(null);
  const [degrees, setDegrees] = useState(0);
  const [times, setTimes] = useState(1);
  /** What was put somewhere while the panel is open: another place moves it. */
  const [key, setKey] = useState<string | null>(null);
  const lender = useLender(asset?.modelSha256 ?? null);
  const put = key === null ? undefined : sheet.steps.find((row) => row.findingKey === key && row.enabled)?.step;

  /** @param slot given for its map there alone */
  const takeMaterial = (material: string, materials: readonly string[], slot?: TextureSlot): void => {
    if (asset && materials.length > 0)
      own.take(() =>
        Promise.resolve<Step[]>([
          {
            kind: 'borrow-material',
            schema: 1,
            from: lenderOf(asset),
            material,
            materials: [...materials],
            ...(slot ? { slot } : {}),
          },
        ]),
      );
  };
  const takePart = (at: Place): void => {
    if (!asset || !isPutSomewhere(thing) || own.isBusy) return;
    // a place on what was just put there is none
    if (at.id.startsWith(`${asset.accession}/`)) return;
    const next = key ?? makePartKey();
    setKey(next);
    own.take(async () => {
      const [under] = await referToParts(model, [at.id]);
      return [
        {
          kind: 'borrow-part',
          schema: 1,
          from: lenderOf(asset),
          part: thing.kind === 'part' ? thing.ref : null,
          name: thing.name,
          under,
          at: await findPlace(model, at),
          degrees,
          times,
        },
      ];
    }, next);
  };
  /** What stands there is turned or sized anew. */
  const adjust = (change: { degrees?: number; times?: number }): void => {
    if (change.degrees !== undefined) setDegrees(change.degrees);
    if (change.times !== undefined) setTimes(change.times);
    if (key !== null && put?.kind === 'borrow-part' && !own.isBusy)
      own.take(() => Promise.resolve<Step[]>([{ ...put, ...change }]), key);
  };
  const startAnew = (): void => {
    setKey(null);
    setDegrees(0);
    setTimes(1);
  };
  /** The middle of the top of what is chosen, or of the first part that shows something. */
  const middle = (): Place | null => {
    const meant = chosenRows.length > 0 ? withBelow(rows, new Set(chosenRows.map(({ id }) => id))) : null;
    const row = rows.find(({ kind, id, size }) => kind === 'shape' && size && (!meant || meant.has(id)));
    if (!row?.centre || !row.size) return null;
    return { id: row.id, point: [row.centre[0], row.centre[1] + row.size[1] / 2, row.centre[2]] };
  };
  return {
    asset,
    choose: (next: LenderAsset | null): void => {
      setAsset(next);
      setThing(null);
      startAnew();
    },
    thing,
    chooseThing: (next: Lendable | null): void => {
      setThing(next);
      startAnew();
    },
    lender,
    degrees,
    times,
    adjust,
    isPut: put !== undefined,
    takePart,
    takeMaterial,
    takeInMiddle: (): void => {
      const at = middle();
      if (at) takePart(at);
    },
  };
}

export type Borrowing = ReturnType<typeof useBorrowing>;

const lenderOf = ({ id, accession, name, versionNumber, modelSha256 }: LenderAsset): Lender => ({
  id,
  accession,
  name,
  versionNumber,
  sha256: modelSha256,
});

import './part-hand.css';
import Button from '@mui/material/Button';
import { useState, type FormEvent, type ReactNode } from 'react';
import type { PartRow } from '@haveld/core/structure/parts/part-rows';
import { count } from '@haveld/core/text/count';
import { useMeasures } from '../../parts/use-measures';
import { PART_ACTIONS, type PartAction } from './part-actions';
import { KIND_WORDS, ODDITY_WORDS } from './part-words';

export interface PartHandProps {
  chosen: readonly PartRow[];
  /** How many hang under them besides. */
  below: number;
  isBusy: boolean;
  onAct: (action: PartAction) => void;
  onRename: (name: string) => void;
  onHang: () => void;
  onAlike: () => void;
  onOfMaterial: () => void;
  onFaces: () => void;
  /** How its faces meet, in place of what is done with parts as wholes; null where that is shown. */
  surface: ReactNode;
  /** What is wrong with its surface, in a few words; null where nothing is. */
  surfaceTrouble: string | null;
  onSurface: (shown: boolean) => void;
}

/** What is chosen, and what can be done with it. */
export function PartHand({
  chosen,
  below,
  isBusy,
  onAct,
  onRename,
  onHang,
  onAlike,
  onOfMaterial,
  onFaces,
  surface,
  surfaceTrouble,
  onSurface,
}: PartHandProps) {
  if (chosen.length === 0)
    return (
      <div className="part-hand">
        <p className="quiet">
          Choose a part on the sheet or on the model; with Ctrl another besides, with Shift all between. Draw a line
          onto another to hang the part under it.
        </p>
      </div>
    );
  const [only] = chosen;
  const isOne = chosen.length === 1;
  return (
    <div className="part-hand">
      {isOne ? (
        <Rename key={`${only.id} ${only.name}`} name={only.name} onRename={onRename} />
      ) : (
        <h2>{count(chosen.length, 'part')} chosen</h2>
      )}
      {chosen.some(({ kind }) => kind === 'shape') && (
        <div className="part-hands" role="group" aria-label="What of it is looked at">
          <button type="button" aria-pressed={!surface} onClick={() => onSurface(false)}>
            As a part
          </button>
          <button type="button" aria-pressed={Boolean(surface)} onClick={() => onSurface(true)}>
            Its surface (j)
            {surfaceTrouble && <span className="says-look">{surfaceTrouble}</span>}
          </button>
        </div>
      )}
      {surface ?? (
        <>
          <Facts chosen={chosen} below={below} />
          <div className="part-acts" role="group" aria-label="What can be done">
            {PART_ACTIONS.map((action) => {
              const whyNot = action.whyNot(chosen);
              return (
                <span key={action.id} title={whyNot ?? undefined}>
                  <Button
                    size="small"
                    variant="outlined"
                    color={action.isGrave ? 'error' : 'primary'}
                    disabled={whyNot !== null || isBusy}
                    aria-keyshortcuts={action.keyName}
                    onClick={() => onAct(action)}
                  >
                    {action.label} ({describeKey(action.keyName)})
                  </Button>
                </span>
              );
            })}
            <Button
              size="small"
              variant="outlined"
              disabled={isBusy || chosen.some((row) => row.isMoved)}
              onClick={onHang}
            >
              Hang under … (u)
            </Button>
            {isOne && only.kind === 'shape' && (
              <Button size="small" variant="outlined" disabled={isBusy} onClick={onFaces}>
                Choose faces (b)
              </Button>
            )}
          </div>
          <div className="part-acts">
            <Button size="small" onClick={onAlike}>
              Choose all alike (a)
            </Button>
            {chosen.some(({ materials }) => materials.length > 0) && (
              <Button size="small" onClick={onOfMaterial}>
                Choose all of its material (q)
              </Button>
            )}
          </div>
        </>
      )}
    </div>
  );
}

function Rename({ name, onRename }: { name: string; onRename: (name: string) => void }) {
  const [words, setWords] = useState(name);
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    const given = words.trim();
    if (given !== '' && given !== name) onRename(given);
    (document.activeElement as HTMLElement | null)?.blur();
  };
  return (
    <form onSubmit={submit} className="part-rename">
      <input
        id="part-name-field"
        aria-label="Name of the part"
        value={words}
        maxLength={120}
        placeholder="unnamed"
        onChange={(event) => setWords(event.target.value)}
        onKeyDown={(event) => {
          if (event.key !== 'Escape') return;
          setWords(name);
          event.currentTarget.blur();
        }}
      />
      {words.trim() !== name && words.trim() !== '' && (
        <Button size="small" type="submit" variant="contained">
          Name it
        </Button>
      )}
    </form>
  );
}

function Facts({ chosen, below }: { chosen: readonly PartRow[]; below: number }) {
  const { length } = useMeasures();
  const triangles = chosen.reduce((sum, row) => sum + row.triangles, 0);
  const polygons = chosen.reduce((sum, row) => sum + row.polygons, 0);
  const materials = [...new Set(chosen.flatMap((row) => row.materials))];
  const [only] = chosen;
  const isOne = chosen.length === 1;
  return (
    <dl className="part-facts">
      {isOne && only.kind !== 'shape' && (
        <>
          <dt>is</dt>
          <dd>{KIND_WORDS[only.kind]}</dd>
        </>
      )}
      {triangles > 0 && (
        <>
          <dt>faces</dt>
          <dd>
            {count(triangles, 'triangle')}
            {polygons < triangles ? `, kept as ${count(polygons, 'polygon')}` : ''}
          </dd>
        </>
      )}
      {isOne && only.size && (
        <>
          <dt>size</dt>
          <dd className="mono">{only.size.map(length).join(' × ')}</dd>
        </>
      )}
      {isOne && (
        <>
          <dt>turns about</dt>
          <dd className="mono">{only.pivot.map(length).join(', ')}</dd>
        </>
      )}
      {materials.length > 0 && (
        <>
          <dt>made of</dt>
          <dd>
            {materials.length > 4
              ? `${materials.slice(0, 3).join(', ')} and ${materials.length - 3} more`
              : materials.join(', ')}
          </dd>
        </>
      )}
      {below > 0 && (
        <>
          <dt>holds</dt>
          <dd>{count(below, 'part')}</dd>
        </>
      )}
      {isOne && only.oddities.length > 0 && (
        <>
          <dt>odd</dt>
          <dd className="says-look">{only.oddities.map((oddity) => ODDITY_WORDS[oddity]).join(', ')}</dd>
        </>
      )}
    </dl>
  );
}

/** `shift+g` as it stands on a keyboard. */
const describeKey = (keyName: string): string =>
  keyName.startsWith('shift+') ? `Shift ${keyName.slice('shift+'.length).toUpperCase()}` : keyName;

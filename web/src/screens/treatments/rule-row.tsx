import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { FINDING_KINDS, FINDING_KIND_IDS, type FindingKind } from '@haveld/contract/finding-kinds';
import { MENDED } from '@haveld/contract/house-treatment';
import { MENDED_WORDS } from '@haveld/core/treatment/house/describe-rule';
import type { Deed, RuleDraft } from './rule-draft';

const DEEDS: [Deed, string][] = [
  ...MENDED.map((what): [Deed, string] => [`mend:${what}`, MENDED_WORDS[what]]),
  ['take-out', 'take out parts'],
  ['join', 'join parts into one'],
  ['group', 'put parts into a group'],
  ['smooth', 'smooth parts'],
  ['reduce', 'reduce its triangles'],
  ['levels', 'make coarser levels of detail'],
  ['answer', 'take the likeliest answer'],
];
const HAS_PARTS: readonly Deed[] = ['take-out', 'join', 'group', 'smooth'];
/** Rights are for a person to answer. */
const ASKED = FINDING_KIND_IDS.filter((kind) => FINDING_KINDS[kind].heading !== 'rights');

/** One rule of a house treatment: what is done, and to which parts. */
export function RuleRow({
  draft,
  ordinal,
  problem,
  onChange,
  onUp,
  onDown,
  onRemove,
}: {
  draft: RuleDraft;
  ordinal: number;
  problem: string | null;
  onChange: (draft: RuleDraft) => void;
  /** Null where it is the first, or the last, or the only one. */
  onUp: (() => void) | null;
  onDown: (() => void) | null;
  onRemove: (() => void) | null;
}) {
  const { deed } = draft;
  const field = (
    key: 'name' | 'material' | 'belowMm' | 'called' | 'degrees' | 'above' | 'figure' | 'shares',
    label: string,
  ) => (
    <TextField
      size="small"
      id={`rule-${ordinal}-${key}`}
      label={label}
      value={draft[key]}
      onChange={(event) => onChange({ ...draft, [key]: event.target.value })}
      sx={{ width: key === 'name' || key === 'material' || key === 'called' ? 160 : 130 }}
    />
  );
  return (
    <div className="rule-row" role="group" aria-label={`Step ${ordinal}`}>
      <TextField
        select
        size="small"
        id={`rule-${ordinal}-deed`}
        label={`Step ${ordinal}`}
        value={deed}
        onChange={(event) => onChange({ ...draft, deed: event.target.value as Deed })}
        sx={{ minWidth: 320 }}
      >
        {DEEDS.map(([value, words]) => (
          <MenuItem key={value} value={value}>
            {words}
          </MenuItem>
        ))}
      </TextField>
      {HAS_PARTS.includes(deed) && (
        <>
          {field('name', 'named, e.g. screw*')}
          {field('material', 'of the material')}
          {field('belowMm', 'smaller than, mm')}
        </>
      )}
      {(deed === 'join' || deed === 'group') && field('called', 'as')}
      {deed === 'smooth' && (
        <>
          {field('degrees', 'below, degrees')}
          <label className="small">
            <input
              type="checkbox"
              checked={draft.atMaterials}
              onChange={(event) => onChange({ ...draft, atMaterials: event.target.checked })}
            />{' '}
            hard where materials meet
          </label>
        </>
      )}
      {deed === 'reduce' && (
        <>
          {field('above', 'where it has more than')}
          <TextField
            select
            size="small"
            id={`rule-${ordinal}-way`}
            label="to"
            value={draft.way}
            onChange={(event) => onChange({ ...draft, way: event.target.value as RuleDraft['way'] })}
            sx={{ width: 150 }}
          >
            <MenuItem value="triangles">so many triangles</MenuItem>
            <MenuItem value="share">a share, in %</MenuItem>
            <MenuItem value="error">what so many mm allow</MenuItem>
          </TextField>
          {field('figure', draft.way === 'share' ? '%' : draft.way === 'error' ? 'mm' : 'triangles')}
        </>
      )}
      {deed === 'levels' && (
        <>
          {field('above', 'where it has more than')}
          {field('shares', 'at, % of the finest')}
        </>
      )}
      {deed === 'answer' && (
        <TextField
          select
          size="small"
          id={`rule-${ordinal}-finding`}
          label="where Haveld asks about"
          value={draft.finding}
          onChange={(event) => onChange({ ...draft, finding: event.target.value as FindingKind })}
          sx={{ minWidth: 260 }}
        >
          {ASKED.map((kind) => (
            <MenuItem key={kind} value={kind}>
              {FINDING_KINDS[kind].title}
            </MenuItem>
          ))}
        </TextField>
      )}
      {problem && <span className="says-blocks small">{problem}</span>}
      <span className="grow" />
      <Button size="small" disabled={!onUp} onClick={onUp ?? undefined} aria-label={`Step ${ordinal}: earlier`}>
        ↑
      </Button>
      <Button size="small" disabled={!onDown} onClick={onDown ?? undefined} aria-label={`Step ${ordinal}: later`}>
        ↓
      </Button>
      <Button
        size="small"
        disabled={!onRemove}
        onClick={onRemove ?? undefined}
        aria-label={`Step ${ordinal}: leave out`}
      >
        Leave out
      </Button>
    </div>
  );
}

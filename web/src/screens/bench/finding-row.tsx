import './finding-row.css';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState, type ReactNode } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import type { Sheet, SheetFinding } from '@haveld/contract/api/bench';
import type { Answer, Evidence } from '@haveld/contract/finding';
import { FINDING_KINDS, type FindingControl, type FindingKind } from '@haveld/contract/finding-kinds';
import type { Box } from '@haveld/contract/report';
import { Mark } from '../../parts/mark';
import { useMeasures } from '../../parts/use-measures';
import { LayoutLegend, LayoutPicture } from '../../view3d/layout-picture';
import { KnownSize } from './placing/known-size';
import { PartPivots } from './placing/part-pivots';
import { PickPivot } from './placing/pick-pivot';
import { QuarterTurns } from './placing/quarter-turns';
import { StandBeside } from './placing/stand-beside';
import { RightsForm } from './rights-form';
import { Reduce } from './reduce';
import { useAnswer } from './use-answer';

/** Layouts drawn beside a finding. */
const MOST_LAYOUTS = 4;

export interface FindingRowProps {
  finding: SheetFinding;
  sheet: Sheet;
  treatedBox: Box | null;
  isInHand: boolean;
  onHold: () => void;
  onAnswered: () => void;
}

/** One finding: a line; in hand, its evidence, its choices and its answer below it. */
export function FindingRow(props: FindingRowProps) {
  const { finding, isInHand, onHold } = props;
  const { say } = useMeasures();
  const now = describeNow(finding);
  const isGuessed = props.sheet.guessed.includes(finding.key);
  return (
    <div className={['finding', isInHand ? 'in-hand' : '', finding.settled ? 'settled' : ''].join(' ')}>
      <button
        type="button"
        className="finding-line"
        aria-expanded={isInHand}
        onClick={({ detail, currentTarget }) => {
          // clicked, not pressed: the next Enter takes its first guess instead of closing it again
          if (detail > 0) currentTarget.blur();
          onHold();
        }}
        data-key={finding.key}
      >
        <Mark mark={finding.settled ? 'holds' : finding.mark} />
        <span className="finding-title">
          {say(now.title)} {now.beside && <span className="finding-answer">{say(now.beside)}</span>}
          {isGuessed && <span className="finding-pencil">in pencil</span>}
        </span>
      </button>
      {isInHand && <FindingBody {...props} />}
    </div>
  );
}

/** What is so now, and by whom: a guess that was refused does not stand beside what was said instead. */
function describeNow(finding: SheetFinding): { title: string; beside: string } {
  const { title, kind, answer } = finding;
  if (!answer) return { title, beside: '' };
  const answered = describeAnswer(finding, answer);
  // answers of other kinds say what is done, and stand beside what it is done to
  if (answer.kind === 'set-aside' || !SAYS_WHAT_IS.has(kind) || answered === TAKEN) return { title, beside: answered };
  return { title: `${FINDING_KINDS[kind].title}: ${answered}`, beside: BY_WORDS[byOf(answer)] };
}

/** Where what was taken is offered no more: it was judged again since. */
const TAKEN = 'taken';

/** Kinds whose answers are states: `Z is up`, `centimetres`, `base centre`. */
const SAYS_WHAT_IS: ReadonlySet<FindingKind> = new Set(['size', 'up', 'pivot', 'root']);

const BY_WORDS = { haveld: 'by Haveld', glance: 'by a glance', house: 'by a house treatment', person: 'as you said' };
const byOf = (answer: Answer): keyof typeof BY_WORDS => (answer.kind === 'taken' && answer.by) || 'person';

function describeAnswer(finding: SheetFinding, answer: Answer): string {
  if (answer.kind === 'set-aside') return `set aside: ${answer.reason}`;
  if (answer.kind === 'own') return answer.summary;
  return (
    finding.choices
      .find((choice) => choice.id === answer.choiceId)
      ?.label.split('/')
      .pop() ?? TAKEN
  );
}

function FindingBody({ finding, sheet, treatedBox, onAnswered }: FindingRowProps) {
  const answer = useAnswer(sheet.id, onAnswered);
  const taken = finding.answer?.kind === 'taken' ? finding.answer.choiceId : null;
  const [picked, setPicked] = useState(taken ?? finding.choices[0]?.id ?? '');
  const [isSettingAside, setSettingAside] = useState(false);
  const [correcting, setCorrecting] = useState(finding.mark === 'blocks');
  const isRights = finding.heading === 'rights';
  const canSetAside = finding.mark !== 'holds' && !(isRights && finding.mark === 'blocks');
  useHotkeys('s', (event) => {
    event.preventDefault();
    if (canSetAside) setSettingAside(true);
  });
  const choice = finding.choices.find((candidate) => candidate.id === picked);
  const { say } = useMeasures();
  const canTake = choice !== undefined && taken !== picked && !answer.isPending;
  const take = (): void => answer.mutate({ key: finding.key, answer: { kind: 'taken', choiceId: picked } });
  const waitsFor = finding.after.filter((key) => !sheet.findings.find((other) => other.key === key)?.settled);
  return (
    <div className="finding-body">
      {finding.detail && <p>{say(finding.detail)}</p>}
      {waitsFor.length > 0 && (
        <p className="says-look small">First say what belongs to the model; this is judged again then.</p>
      )}
      <EvidenceList
        evidence={choice && choice.evidence.length > 0 ? choice.evidence : finding.evidence}
        hasLengths={finding.heading === 'size-and-orientation'}
      />
      {isRights && correcting && <RightsForm sheet={sheet} takesFocus={finding.mark !== 'blocks'} />}
      {finding.choices.length > 1 && (
        <fieldset className="choices">
          <legend className="visually-hidden">{finding.title}</legend>
          {finding.choices.map((option) => (
            <label key={option.id} className="choice">
              <input
                type="radio"
                name={finding.key}
                checked={picked === option.id}
                onChange={() => setPicked(option.id)}
                onKeyDown={({ key }) => key === 'Enter' && canTake && take()}
              />
              <span title={option.label}>{shortenPath(option.label)}</span>
              <span className="bar" aria-hidden="true">
                <span style={{ width: `${option.confidence * 100}%` }} />
              </span>
              <span className="mono">{formatShare(option.confidence)}</span>
            </label>
          ))}
        </fieldset>
      )}
      {isSettingAside ? (
        <SetAside
          onDone={(reason) => answer.mutate({ key: finding.key, answer: { kind: 'set-aside', reason } })}
          onCancel={() => setSettingAside(false)}
        />
      ) : (
        <div className="finding-acts">
          {choice && taken !== picked && (
            <Button variant="contained" loading={answer.isPending} onClick={take}>
              {finding.choices.length > 1
                ? `Take “${choice.label.split('/').pop()}”`
                : choice.label.includes('/')
                  ? 'Relink it'
                  : choice.label}
            </Button>
          )}
          {canSetAside && finding.answer === null && (
            <Button variant="outlined" onClick={() => setSettingAside(true)}>
              {isRights ? 'Mark as reviewed' : 'Set aside'}
            </Button>
          )}
          {isRights && !correcting && <Button onClick={() => setCorrecting(true)}>Correct it</Button>}
          {finding.answer && (
            <Button onClick={() => answer.mutate({ key: finding.key, answer: null })}>Take the answer back</Button>
          )}
        </div>
      )}
      {FINDING_KINDS[finding.kind].controls?.map((control) => {
        const Control = CONTROLS[control];
        return (
          <Control key={control} finding={finding} sheet={sheet} treatedBox={treatedBox} onAnswered={onAnswered} />
        );
      })}
    </div>
  );
}

type ControlProps = Pick<FindingRowProps, 'finding' | 'sheet' | 'treatedBox' | 'onAnswered'>;

const CONTROLS: Record<FindingControl, (props: ControlProps) => ReactNode> = {
  layouts: Layouts,
  'turn-upright': ({ sheet }) => <QuarterTurns sheet={sheet} axes={['x', 'z']} />,
  'turn-round': ({ sheet }) => <QuarterTurns sheet={sheet} axes={['y']} />,
  'known-size': KnownSize,
  'stand-beside': StandBeside,
  'part-pivots': PartPivots,
  'pick-pivot': PickPivot,
  reduce: Reduce,
};

/** The layouts a finding is about, drawn; the first few of many. */
function Layouts({ finding, sheet }: ControlProps) {
  return (
    <div className="layouts">
      {finding.about.materials?.slice(0, MOST_LAYOUTS).map((material) => (
        <LayoutPicture
          key={material}
          documentSha256={sheet.documentSha256}
          material={material}
          trouble={finding.about.layout ?? null}
        />
      ))}
      <LayoutLegend isHatched={finding.about.layout !== undefined} />
    </div>
  );
}

/** Of a path its file and the folder that holds it; other words as they are. */
const shortenPath = (label: string): string => label.split('/').slice(-2).join('/');

const formatShare = (share: number): string =>
  share >= 0.995 ? '>\u00a099\u00a0%' : share < 0.01 ? '<\u00a01\u00a0%' : `${Math.round(share * 100)}\u00a0%`;

/** @param hasLengths false where evidence may be a bare name, whose figures are no lengths */
function EvidenceList({ evidence, hasLengths }: { evidence: readonly Evidence[]; hasLengths: boolean }) {
  const measures = useMeasures();
  const say = hasLengths ? measures.say : (words: string) => words;
  if (evidence.length === 0) return null;
  return (
    <ul className="evidence">
      {evidence.map((item, i) => (
        <li key={`${item.text}${i}`}>
          <span>
            {say(item.text)}
            {item.passage && <q>{item.passage}</q>}
            {item.file && (
              <span className="quiet small">
                {item.file.split('/').pop()}
                {item.line ? `, line ${item.line}` : ''}
              </span>
            )}
          </span>
          {item.figure && <span className="mono">{say(item.figure)}</span>}
        </li>
      ))}
    </ul>
  );
}

function SetAside({ onDone, onCancel }: { onDone: (reason: string) => void; onCancel: () => void }) {
  const [reason, setReason] = useState('');
  return (
    <form
      className="finding-acts"
      onSubmit={(event) => {
        event.preventDefault();
        if (reason.trim() !== '') onDone(reason.trim());
      }}
    >
      <TextField
        id="aside-reason"
        label="Why?"
        autoFocus
        fullWidth
        value={reason}
        onChange={(event) => setReason(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 300 } }}
        onKeyDown={(event) => event.key === 'Escape' && onCancel()}
      />
      <Button type="submit" variant="contained" disabled={reason.trim() === ''}>
        Set aside
      </Button>
      <Button onClick={onCancel}>Cancel</Button>
    </form>
  );
}

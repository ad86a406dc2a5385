import './condition-sheet.css';
import Button from '@mui/material/Button';
import { useEffect, useRef, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link, useNavigate } from 'react-router';
import { lookAgain, type Sheet, type SheetFinding } from '@haveld/contract/api/bench';
import { HEADINGS, type Heading } from '@haveld/contract/heading';
import type { Box } from '@haveld/contract/report';
import { call } from '../../api/client';
import { useChange } from '../../api/use-change';
import { Remarks } from '../remarks/remarks';
import { FindingRow } from './finding-row';
import { SourceCard } from './source-card';
import { useAnswer } from './use-answer';

const WORDS: Record<Heading, string> = {
  rights: 'Rights',
  textures: 'Textures',
  'size-and-orientation': 'Size & stance',
  structure: 'Structure',
  geometry: 'Geometry',
};

/** A finding that waits for another one is not next. */
function findNext(findings: readonly SheetFinding[]): string | null {
  const settled = new Set(findings.filter((finding) => finding.settled).map((finding) => finding.key));
  const open = findings.filter((finding) => !finding.settled);
  return (open.find((finding) => finding.after.every((key) => settled.has(key))) ?? open[0])?.key ?? null;
}

/**
 * The condition under its five headings. The finding in hand opens where it stands.
 * @param onInHand told which one that is, and whether a person took it in hand or it is merely next
 */
export function ConditionSheet({
  sheet,
  treatedBox,
  onInHand,
}: {
  sheet: Sheet;
  treatedBox: Box | null;
  onInHand?: (key: string | null, isChosen: boolean) => void;
}) {
  const [chosen, setChosen] = useState<string | null>(null);
  const ordered = HEADINGS.flatMap((heading) => sheet.findings.filter((finding) => finding.heading === heading));
  const inHand =
    chosen !== null && ordered.some((finding) => finding.key === chosen)
      ? chosen
      : chosen === ''
        ? null
        : findNext(ordered);
  const isChosen = inHand !== null && inHand === chosen;
  useEffect(() => onInHand?.(inHand, isChosen), [onInHand, inHand, isChosen]);
  const list = useRef<HTMLElement>(null);
  const answer = useAnswer(sheet.id, () => setChosen(null));
  const again = useChange(() => call(lookAgain, { params: { id: sheet.id } }));

  const step = (by: number): void => {
    const at = ordered.findIndex((finding) => finding.key === inHand);
    const next = ordered[Math.max(0, Math.min(ordered.length - 1, at + by))];
    if (!next) return;
    // a line left by a key keeps no focus: Enter is for the one in hand
    if (list.current?.contains(document.activeElement)) (document.activeElement as HTMLElement).blur();
    setChosen(next.key);
  };
  const navigate = useNavigate();
  useHotkeys('m', () => void navigate(`/bench/${sheet.id}/maps`));
  useHotkeys('e', () => void navigate(`/bench/${sheet.id}/parts`));
  useHotkeys('j', () => step(1));
  useHotkeys('k', () => step(-1));
  useHotkeys('enter', (event) => {
    // what can be reached by Tab has its own Enter, and so has a form: a line opens and closes, it answers nothing
    const target = event.target as HTMLElement;
    if (target.tabIndex >= 0 || target.closest('form, [role=dialog]')) return;
    const finding = ordered.find((candidate) => candidate.key === inHand);
    if (finding && !finding.settled && finding.choices.length > 0)
      answer.mutate({ key: finding.key, answer: { kind: 'taken', choiceId: finding.choices[0].id } });
  });

  useEffect(() => {
    if (inHand) list.current?.querySelector('.in-hand')?.scrollIntoView({ block: 'nearest' });
  }, [inHand]);

  return (
    <section className="condition" aria-label="Condition" ref={list}>
      <SourceCard sheet={sheet} />
      {HEADINGS.map((heading) => {
        const findings = ordered.filter((finding) => finding.heading === heading);
        if (findings.length === 0) return null;
        const open = findings.filter((finding) => !finding.settled).length;
        return (
          <div key={heading}>
            <div className="condition-head">
              <h2>{WORDS[heading]}</h2>
              <span className="quiet small">
                {open > 0 ? `${open} open` : heading === 'rights' ? 'settled' : 'holds'}
              </span>
              {heading === 'textures' && (
                <Link to={`/bench/${sheet.id}/maps`} className="condition-more">
                  All maps on one sheet (m)
                </Link>
              )}
              {heading === 'structure' && (
                <Link to={`/bench/${sheet.id}/parts`} className="condition-more">
                  All parts on one sheet (e)
                </Link>
              )}
            </div>
            {findings.map((finding) => (
              <FindingRow
                key={finding.key}
                finding={finding}
                sheet={sheet}
                treatedBox={treatedBox}
                isInHand={finding.key === inHand}
                onHold={() => setChosen(finding.key === inHand ? '' : finding.key)}
                onAnswered={() => setChosen(null)}
              />
            ))}
          </div>
        );
      })}
      <Remarks
        assetId={sheet.id}
        versionNumber={null}
        mayPin
        finding={ordered.find(({ key }) => key === inHand) ?? null}
      />
      <p className="condition-foot">
        <Button
          size="small"
          onClick={() => again.mutate(undefined)}
          loading={again.isPending}
          disabled={sheet.busy !== null}
        >
          Re-analyse
        </Button>
        <span className="quiet small">Its condition, with what Haveld knows today. Answers and steps stay.</span>
      </p>
    </section>
  );
}

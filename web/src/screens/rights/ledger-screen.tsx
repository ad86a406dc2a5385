import './rights.css';
import './ledger-screen.css';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useInfiniteQuery } from '@tanstack/react-query';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useRef, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { LedgerQuestionSchema, type Ledger, type LedgerQuestion } from '@haveld/contract/api/rights';
import { isExpression } from '@haveld/core/rights/expression';
import { licenceWords, standingOf, type LicenceBook } from '@haveld/core/rights/licence-book';
import { ledgerQuery } from '../../api/queries';
import { formatCount } from '../../parts/format';
import { Mark } from '../../parts/mark';
import { Failure, Loading, Notice } from '../../parts/notice';
import { STANDING_MARKS } from '../../parts/standing-mark';
import { useBook } from '../../parts/use-book';
import { DecideForm } from './decide-form';
import { RightsHead } from './rights-head';

const ROW_HEIGHT = 36;
const ORDERS = [
  ['licence', 'Licence'],
  ['source', 'Source'],
  ['author', 'Author'],
] as const;

/** Every asset with its rights: by licence, source or author; many settled at once with one evidence. */
export function LedgerScreen() {
  const [search, setSearch] = useSearchParams();
  const question = LedgerQuestionSchema.parse({
    words: search.get('words') ?? '',
    by: search.get('by') ?? undefined,
    group: search.get('group') ?? '',
  });
  const ask = (change: Partial<LedgerQuestion>): void => {
    const next = { ...question, ...change };
    setSearch(
      Object.fromEntries(
        Object.entries({ words: next.words, by: next.by, group: next.group }).filter(([, value]) => value !== ''),
      ),
      { replace: true },
    );
  };
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const [settling, setSettling] = useState(false);
  const pages = useInfiniteQuery(ledgerQuery(question));
  const rows = pages.data?.pages.flatMap((page) => page.rows) ?? [];
  const first = pages.data?.pages[0];
  const toggle = (id: string): void => {
    const next = new Set(chosen);
    if (!next.delete(id)) next.add(id);
    setChosen(next);
  };
  const allShown = rows.length > 0 && rows.every(({ id }) => chosen.has(id));
  return (
    <div className="screen">
      <RightsHead title="The ledger" quiet={first ? formatCount(first.total, 'asset') : ''}>
        <Button variant="contained" disabled={chosen.size === 0} onClick={() => setSettling(true)}>
          Settle {chosen.size === 0 ? 'those chosen' : formatCount(chosen.size, 'asset')} at once
        </Button>
      </RightsHead>
      <div className="ledger">
        <Groups question={question} groups={first?.groups ?? []} onAsk={ask} />
        <div className="ledger-table">
          <div className="ledger-row ledger-head">
            <Checkbox
              size="small"
              checked={allShown}
              indeterminate={!allShown && chosen.size > 0}
              disabled={rows.length === 0}
              onChange={() => setChosen(allShown ? new Set() : new Set(rows.map(({ id }) => id)))}
              slotProps={{ input: { 'aria-label': 'Choose all that are shown' } }}
            />
            <span>Number</span>
            <span>Asset</span>
            <span>Licence</span>
            <span>Author</span>
            <span>Source</span>
            <span>Open</span>
          </div>
          {pages.isPending && <Loading />}
          {pages.error && <Failure error={pages.error} onRetry={() => void pages.refetch()} />}
          {first && rows.length === 0 && (
            <Notice
              title="Nothing stands here"
              action={<Button onClick={() => ask({ words: '', group: '' })}>Show the whole ledger</Button>}
            >
              No asset fits this question.
            </Notice>
          )}
          {rows.length > 0 && (
            <Rows
              rows={rows}
              chosen={chosen}
              onToggle={toggle}
              onEnd={() => void (pages.hasNextPage && !pages.isFetchingNextPage && pages.fetchNextPage())}
            />
          )}
        </div>
      </div>
      {settling && (
        <Dialog open onClose={() => setSettling(false)} aria-labelledby="settle-title" fullWidth maxWidth="sm">
          <DialogTitle id="settle-title" component="h2">
            Settle {formatCount(chosen.size, 'asset')} with one evidence
          </DialogTitle>
          <DialogContent>
            <p className="quiet small">
              What is left empty stays as it is with each. Every change is written down with each asset.
            </p>
            <DecideForm
              assetIds={[...chosen]}
              provenance={null}
              named={[]}
              onDone={() => {
                setSettling(false);
                setChosen(new Set());
              }}
            />
          </DialogContent>
        </Dialog>
      )}
    </div>
  );
}

function Groups({
  question,
  groups,
  onAsk,
}: {
  question: LedgerQuestion;
  groups: Ledger['groups'];
  onAsk: (change: Partial<LedgerQuestion>) => void;
}) {
  const book = useBook();
  return (
    <aside className="ledger-groups" aria-label="Order">
      <TextField
        id="ledger-words"
        label="Words"
        placeholder="name, author, number"
        value={question.words}
        onChange={(event) => onAsk({ words: event.target.value })}
        fullWidth
      />
      <div className="ledger-orders" role="group" aria-label="Ordered by">
        {ORDERS.map(([by, words]) => (
          <button key={by} type="button" aria-pressed={question.by === by} onClick={() => onAsk({ by, group: '' })}>
            {words}
          </button>
        ))}
      </div>
      <button
        type="button"
        className="ledger-group"
        aria-pressed={question.group === ''}
        onClick={() => onAsk({ group: '' })}
      >
        <span>all</span>
      </button>
      {groups.map(({ value, count }) => (
        <button
          key={value}
          type="button"
          className="ledger-group"
          aria-pressed={question.group === value && value !== ''}
          disabled={value === ''}
          onClick={() => onAsk({ group: value })}
        >
          <span>{groupWords(book, question.by, value)}</span>
          <span className="mono quiet">{count}</span>
        </button>
      ))}
    </aside>
  );
}

function groupWords(book: LicenceBook, by: LedgerQuestion['by'], value: string): string {
  if (value === '') return by === 'author' ? 'nobody named' : 'no source';
  return by === 'licence' && isExpression(value) ? licenceWords(book, value) : value;
}

function Rows({
  rows,
  chosen,
  onToggle,
  onEnd,
}: {
  rows: Ledger['rows'];
  chosen: ReadonlySet<string>;
  onToggle: (id: string) => void;
  onEnd: () => void;
}) {
  const book = useBook();
  const scroller = useRef<HTMLDivElement>(null);
  const virtual = useVirtualizer({
    count: rows.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW_HEIGHT,
    overscan: 12,
  });
  const items = virtual.getVirtualItems();
  const last = items.at(-1)?.index ?? 0;
  useEffect(() => {
    if (last >= rows.length - 20) onEnd();
  }, [last, rows.length, onEnd]);
  return (
    <div className="ledger-rows" ref={scroller} tabIndex={0} role="region" aria-label="Assets">
      <div style={{ height: virtual.getTotalSize(), position: 'relative' }}>
        {items.map(({ index, start }) => {
          const row = rows[index];
          return (
            <div key={row.id} className="ledger-row" style={{ transform: `translateY(${start}px)` }}>
              <Checkbox
                size="small"
                checked={chosen.has(row.id)}
                onChange={() => onToggle(row.id)}
                slotProps={{ input: { 'aria-label': `Choose ${row.name}` } }}
              />
              <span className="mono quiet">{row.accession}</span>
              <span>
                <Link to={`/rights?asset=${row.id}`}>{row.name}</Link>
              </span>
              <span>
                <Mark mark={STANDING_MARKS[standingOf(book, row.licenceId)]} /> {licenceWords(book, row.licenceId)}
              </span>
              <span>{row.author || <span className="quiet">nobody named</span>}</span>
              <span className="quiet">{row.source || 'no source'}</span>
              <span className={row.mark === 'holds' ? 'quiet' : `says-${row.mark}`} title={row.title}>
                {row.mark === 'holds' ? '' : row.title === licenceWords(book, row.licenceId) ? 'to review' : row.title}
              </span>
            </div>
          );
        })}
      </div>
    </div>
  );
}

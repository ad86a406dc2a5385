import './sources.css';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useInfiniteQuery, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link, useSearchParams } from 'react-router';
import { SEARCH_PRICES, takeEdition, type SourceRow } from '@haveld/contract/api/sources';
import { call } from '../../api/client';
import {
  addressQuery,
  fetchingsQuery,
  projectsQuery,
  SOURCE_SEARCH,
  sourceSearchQuery,
  sourcesQuery,
} from '../../api/queries';
import { useChange } from '../../api/use-change';
import { Failure, Loading, Notice } from '../../parts/notice';
import { Underlined } from '../../parts/underlined';
import { useCategories } from '../../parts/use-categories';
import { ComingIn } from './coming-in';
import { useMay } from '../../parts/use-may';
import { SourceLine } from './source-line';
import { SourcesSaid } from './sources-said';

const PRICE_WORDS: Record<(typeof SEARCH_PRICES)[number], string> = {
  any: 'at any price',
  free: 'free',
  paid: 'to be paid for',
};
const LICENCES = ['', 'CC0-1.0', 'CC-BY-4.0', 'CC-BY-SA-4.0', 'CC-BY-NC-4.0'];
const FORMATS = ['', 'glb', 'gltf', 'fbx', 'dae', 'obj', 'usdz'];
const MB = 1_000_000;
const WEIGHTS = [0, 1, 10, 100];

const isAddress = (words: string): boolean => /^https?:\/\//i.test(words);

/** All sources asked in one sentence that stands in the address; what is taken comes in at the side. */
export function SourcesScreen() {
  const [search, setSearch] = useSearchParams();
  const get = (name: string): string => search.get(name) ?? '';
  const words = get('words');
  const tree = useCategories();
  const projects = useQuery(projectsQuery);
  const sources = useQuery(sourcesQuery);
  const mayAsk = useMay('curator');
  const question = {
    words,
    project: get('project'),
    price: SEARCH_PRICES.find((price) => price === get('price')) ?? 'any',
    licence: get('licence'),
    format: get('format'),
    category: tree.has(get('category')) ? get('category') : '',
    atMost: Number(get('atMost')) || 0,
    allowed: get('allowed') === 'yes' ? ('yes' as const) : ('' as const),
  };
  const asked = useInfiniteQuery({
    ...sourceSearchQuery(question),
    enabled: !isAddress(words) && sources.data?.length !== 0,
  });
  const looked = useQuery({ ...addressQuery(words, question.project), enabled: isAddress(words) });
  const ask = (change: Record<string, string>): void => {
    const next = new URLSearchParams(search);
    for (const [name, value] of Object.entries(change)) {
      if (value === '') next.delete(name);
      else next.set(name, value);
    }
    setSearch(next, { replace: true });
  };
  const rows = isAddress(words)
    ? looked.data
      ? [looked.data]
      : []
    : (asked.data?.pages.flatMap((page) => page.rows) ?? []);
  const state = isAddress(words) ? looked : asked;
  const live = (projects.data ?? []).filter((project) => project.live);
  return (
    <div className="screen">
      <div className="screen-head">
        <h1>Sources</h1>
        <span className="quiet">what is known of a model before it is here comes in with it</span>
        <span className="grow" />
        <Button component={Link} to="/arrivals/from-page">
          From a web page
        </Button>
        {mayAsk && (
          <Button component={Link} to="/arrivals/giving">
            Contributions
          </Button>
        )}
        <Button component={Link} to="/arrivals/folders">
          Watched folders
        </Button>
        <Button component={Link} to="/arrivals">
          Back to the arrivals
        </Button>
      </div>
      <div className="screen-body sources">
        <div className="sources-found">
          <div className="sources-ask">
            <AskField key={words} words={words} onAsk={(given) => ask({ words: given })} />
            <p className="question-words">
              {'for '}
              <Underlined
                name="Project"
                label={live.find(({ id }) => id === question.project)?.name ?? 'any project'}
                value={question.project}
                options={[
                  { value: '', label: 'any project' },
                  ...live.map(({ id, name }) => ({ value: id, label: name })),
                ]}
                onChoose={(project) => ask({ project, ...(project === '' ? { allowed: '' } : {}) })}
              />
              {question.project !== '' && (
                <>
                  {', '}
                  <Underlined
                    name="Verdict"
                    label={question.allowed ? 'what it may use' : 'whatever it may use'}
                    value={question.allowed}
                    options={[
                      { value: '', label: 'whatever it may use' },
                      { value: 'yes', label: 'what it may use' },
                    ]}
                    onChoose={(allowed) => ask({ allowed })}
                  />
                </>
              )}
              {', '}
              <Underlined
                name="Price"
                label={PRICE_WORDS[question.price]}
                value={question.price}
                options={SEARCH_PRICES.map((price) => ({ value: price, label: PRICE_WORDS[price] }))}
                onChoose={(price) => ask({ price: price === 'any' ? '' : price })}
              />
              {', under '}
              <Underlined
                name="Licence"
                label={question.licence || 'any licence'}
                value={question.licence}
                options={LICENCES.map((licence) => ({ value: licence, label: licence || 'any licence' }))}
                onChoose={(licence) => ask({ licence })}
              />
              {', '}
              <Underlined
                name="Category"
                label={question.category === '' ? 'of any category' : tree.nameOf(question.category)}
                value={question.category}
                options={[
                  { value: '', label: 'of any category' },
                  ...tree.listAll().map(({ node, depth }) => ({ value: node.id, label: node.name, depth })),
                ]}
                onChoose={(category) => ask({ category })}
              />
              {', as '}
              <Underlined
                name="Format"
                label={question.format.toUpperCase() || 'any format'}
                value={question.format}
                options={FORMATS.map((format) => ({ value: format, label: format.toUpperCase() || 'any format' }))}
                onChoose={(format) => ask({ format })}
              />
              {', '}
              <Underlined
                name="Weight"
                label={question.atMost === 0 ? 'of any weight' : `at most ${question.atMost / MB} MB`}
                value={String(question.atMost)}
                options={WEIGHTS.map((weight) => ({
                  value: String(weight * MB),
                  label: weight === 0 ? 'of any weight' : `at most ${weight} MB`,
                }))}
                onChoose={(weight) => ask({ atMost: weight === '0' ? '' : weight })}
              />
              .
            </p>
          </div>
          {!isAddress(words) && <SourcesSaid sources={sources.data ?? []} answers={asked.data?.pages ?? []} />}
          {state.isPending && state.isFetching && <Loading />}
          {state.error && <Failure error={state.error} onRetry={() => void state.refetch()} />}
          {sources.data?.length === 0 && !isAddress(words) && (
            <Notice title="No site to search">
              Paste the address of a page or a file. A curator allows its host in the house rules.
            </Notice>
          )}
          {state.data && rows.length === 0 && (sources.data?.length ?? 0) > 0 && (
            <Notice title="No source has such a thing">
              Take a word or a condition away, or paste the address of its page.
            </Notice>
          )}
          <Lines rows={rows} />
          {asked.hasNextPage && !isAddress(words) && (
            <p>
              <Button variant="outlined" loading={asked.isFetchingNextPage} onClick={() => void asked.fetchNextPage()}>
                More
              </Button>
            </p>
          )}
        </div>
        <ComingIn />
      </div>
    </div>
  );
}

/** Words are searched, an address is looked at; nothing is asked before Enter. */
function AskField({ words, onAsk }: { words: string; onAsk: (words: string) => void }) {
  const [typed, setTyped] = useState(words);
  return (
    <form
      role="search"
      aria-label="In sources"
      onSubmit={(event) => {
        event.preventDefault();
        onAsk(typed.trim());
      }}
    >
      <TextField
        id="source-words"
        className="sources-words"
        label="Words, or the address of a page"
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
        autoFocus
      />
    </form>
  );
}

/** Every model found; one is in hand, for the keys. */
function Lines({ rows }: { rows: SourceRow[] }) {
  const [inHand, setInHand] = useState(0);
  const [open, setOpen] = useState<string | null>(null);
  const queries = useQueryClient();
  const fetchings = useQuery(fetchingsQuery);
  const at = Math.min(inHand, rows.length - 1);
  const row = rows[at] as SourceRow | undefined;
  const take = useChange(
    ({ pageAddress, editionId }: { pageAddress: string; editionId: string }) =>
      call(takeEdition, { body: { pageAddress, editionId } }),
    { onDone: () => void queries.invalidateQueries({ queryKey: [SOURCE_SEARCH], refetchType: 'none' }) },
  );
  const takeOne = (one: SourceRow, editionId: string): void => take.mutate({ pageAddress: one.pageAddress, editionId });
  const show = (to: number): void => {
    setInHand(to);
    document.getElementById(`source-line-${to}`)?.scrollIntoView({ block: 'nearest' });
  };
  useHotkeys('j', () => show(Math.min(rows.length - 1, at + 1)), { enabled: rows.length > 0 });
  useHotkeys('k', () => show(Math.max(0, at - 1)), { enabled: rows.length > 0 });
  useHotkeys('e', () => row && setOpen(open === row.pageAddress ? null : row.pageAddress), {
    enabled: row !== undefined,
  });
  useHotkeys('t', () => row?.best && takeOne(row, row.best), { enabled: row !== undefined && !take.isPending });
  return (
    <>
      {rows.map((one, i) => (
        <SourceLine
          key={one.pageAddress}
          id={`source-line-${i}`}
          row={one}
          isInHand={i === at}
          isOpen={open === one.pageAddress}
          coming={(fetchings.data ?? []).filter((each) => each.pageAddress === one.pageAddress)}
          isTaking={take.isPending && take.variables.pageAddress === one.pageAddress}
          onOpen={() => {
            setInHand(i);
            setOpen(open === one.pageAddress ? null : one.pageAddress);
          }}
          onTake={(editionId) => {
            setInHand(i);
            takeOne(one, editionId);
          }}
        />
      ))}
    </>
  );
}

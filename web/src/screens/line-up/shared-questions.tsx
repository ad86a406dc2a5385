import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { answerMany, type LineUpCard } from '@haveld/contract/api/line-up';
import { settleRights } from '@haveld/contract/api/rights';
import type { FindingKind } from '@haveld/contract/finding-kinds';
import type { Provenance } from '@haveld/contract/licence';
import { UNKNOWN_LICENCE } from '@haveld/core/rights/licences/standings';
import { call } from '../../api/client';
import { useChange } from '../../api/use-change';
import { formatCount } from '../../parts/format';
import { LicenceField } from '../../parts/licence-field';
import { Mark } from '../../parts/mark';

/** Fewer are answered on their cards. */
const SHARED_FROM = 2;

/** What several models leave open alike is asked once, above them all. */
export function SharedQuestions({ cards }: { cards: readonly LineUpCard[] }) {
  const asking = (kind: FindingKind, title?: string): string[] =>
    cards
      .filter(({ asked }) => asked.some((finding) => finding.kind === kind && (!title || finding.title === title)))
      .map(({ id }) => id);
  const sources = asking('rights:source');
  const licences = asking('rights:licence', 'No licence came with it');
  const maps = asking('map');
  return (
    <>
      {licences.length >= SHARED_FROM && <SharedLicence ids={licences} />}
      {sources.length >= SHARED_FROM && <SharedSource ids={sources} />}
      {maps.length >= SHARED_FROM && <SharedMaps ids={maps} />}
    </>
  );
}

const useSettle = (ids: readonly string[]) =>
  useChange((change: Partial<Provenance>) =>
    call(settleRights, { body: { assetIds: [...ids], change, why: 'said of several in the line-up' } }),
  );

/** One field, or one sentence with a button, for all of them. */
function Shared({ words, children, onSave }: { words: string; children?: React.ReactNode; onSave: () => void }) {
  return (
    <form
      className="line-up-shared"
      aria-label={words}
      onSubmit={(event) => {
        event.preventDefault();
        onSave();
      }}
    >
      <span>
        <Mark mark="blocks" /> {words}
      </span>
      {children}
    </form>
  );
}

function SharedSource({ ids }: { ids: readonly string[] }) {
  const [source, setSource] = useState('');
  const settle = useSettle(ids);
  return (
    <Shared
      words={`${formatCount(ids.length, 'model')} without a source`}
      onSave={() => source.trim() !== '' && settle.mutate({ source: source.trim() })}
    >
      <TextField
        label="Source"
        placeholder="a site, a person, a disc"
        value={source}
        onChange={(event) => setSource(event.target.value)}
      />
      <Button type="submit" variant="outlined" disabled={source.trim() === ''} loading={settle.isPending}>
        Save for all {ids.length}
      </Button>
    </Shared>
  );
}

function SharedLicence({ ids }: { ids: readonly string[] }) {
  const [licenceId, setLicenceId] = useState('');
  const settle = useSettle(ids);
  const isSaid = licenceId !== '' && licenceId !== UNKNOWN_LICENCE;
  return (
    <Shared
      words={`${formatCount(ids.length, 'model')} without a licence`}
      onSave={() => isSaid && settle.mutate({ licenceId })}
    >
      <div className="line-up-licence">
        <LicenceField id="shared-licence" value={licenceId} onChange={setLicenceId} />
      </div>
      <Button type="submit" variant="outlined" disabled={!isSaid} loading={settle.isPending}>
        Save for all {ids.length}
      </Button>
    </Shared>
  );
}

function SharedMaps({ ids }: { ids: readonly string[] }) {
  const leave = useChange(() =>
    call(answerMany, {
      body: { ids: [...ids], kind: 'map', choiceId: null, reason: 'left out of several in the line-up' },
    }),
  );
  return (
    <Shared words={`${formatCount(ids.length, 'model')} with missing textures`} onSave={() => leave.mutate(undefined)}>
      <Button type="submit" variant="outlined" loading={leave.isPending}>
        Leave them out
      </Button>
    </Shared>
  );
}

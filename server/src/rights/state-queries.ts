import type { AssetState } from '@haveld/contract/asset-state';
import type { Executor } from '../database/pool';
import { many, placesFor } from '../database/statements';
import { PROVENANCE_COLUMNS, type StoredProvenance } from './provenance-queries';

type StoredState = StoredProvenance & {
  id: string;
  accession: number;
  assetName: string;
  state: AssetState;
  confirmed: number;
  confirmedBy: string | null;
  takenDown: string | null;
  found: string;
  hasEvidence: number;
};

/** What bears on the rights of assets and stands with the asset itself. @param ids at least one */
export const listStates = (db: Executor, ids: readonly string[]): Promise<StoredState[]> =>
  many(
    db,
    `SELECT asset.id, asset.accession, asset.name AS assetName, asset.state, asset.licence_confirmed AS confirmed, asset.licence_confirmed_by AS confirmedBy,
       asset.taken_down AS takenDown, reading.rights AS found, EXISTS (SELECT 1 FROM asset_evidence WHERE asset_evidence.asset_id = asset.id) AS hasEvidence, ${PROVENANCE_COLUMNS}
     FROM asset JOIN provenance ON provenance.asset_id = asset.id JOIN reading ON reading.id = asset.reading_id WHERE asset.id IN (${placesFor(ids)})`,
    [...ids],
  );

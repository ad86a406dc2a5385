import type { Work } from '@haveld/contract/licence';
import type { Executor } from '../database/pool';
import { many } from '../database/statements';

export type HeldRow = Work & {
  projectId: string;
  projectName: string;
  purpose: string;
  intendedUse: string;
  endedAt: Date | null;
  assetId: string;
  accession: number;
  assetName: string;
  takenDown: string | null;
  acquiredOn: string;
  expiresOn: string;
  seats: number | null;
  territory: string;
  authorIsUnknown: number;
  versionNumber: number;
  modelSha256: string | null;
  steps: string;
};

/** What projects hold, a row each project, asset and version. @param live only projects that have not ended */
export function listHeld(
  db: Executor,
  { live, projectId, assetId }: { live?: boolean; projectId?: string; assetId?: string },
): Promise<HeldRow[]> {
  const parts: [string, (string | number)[]][] = [["hand_over.state <> 'failed'", []]];
  if (live) parts.push(['project.ended_at IS NULL', []]);
  if (projectId !== undefined) parts.push(['hand_over.project_id = ?', [projectId]]);
  if (assetId !== undefined) parts.push(['hand_over.asset_id = ?', [assetId]]);
  return many<HeldRow>(
    db,
    `SELECT DISTINCT project.id AS projectId, project.name AS projectName, project.purpose, project.intended_use AS intendedUse, project.ended_at AS endedAt,
       asset.id AS assetId, asset.accession, asset.name AS assetName, asset.taken_down AS takenDown, version.number AS versionNumber, version.model_sha256 AS modelSha256, version.steps,
       provenance.title, provenance.author, provenance.author_unknown AS authorIsUnknown, provenance.author_url AS authorUrl, provenance.licence_id AS licenceId, provenance.source,
       provenance.page_url AS pageUrl, provenance.acquired_on AS acquiredOn, provenance.expires_on AS expiresOn, provenance.seats, provenance.territory
     FROM hand_over JOIN project ON project.id = hand_over.project_id JOIN asset ON asset.id = hand_over.asset_id JOIN provenance ON provenance.asset_id = asset.id
       JOIN version ON version.id = hand_over.version_id WHERE ${parts.map(([sql]) => sql).join(' AND ')} ORDER BY project.created_at, asset.accession, version.number`,
    parts.flatMap(([, values]) => values),
  );
}

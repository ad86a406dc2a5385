import { DomainError } from '@haveld/contract/error';
import { type Credit } from '@haveld/core/rights/credits';
import { listLicenceIds } from '@haveld/core/rights/expression';
import { houseName } from '@haveld/core/text/house-name';
import { getLicenceTexts } from '@haveld/engine/licence-texts';
import { formatAccession } from '../assets/accession';
import { findCard } from '../assets/card-queries';
import { getHandOverName } from '../assets/service';
import { listVersions } from '../assets/version-queries';
import { bumpRevision } from '../database/revision';
import type { Dependencies } from '../dependencies';
import { loadBook, type HouseBook } from '../house/book';
import type { TaskRunner } from '../jobs/task-runner';
import type { JobHandlers } from '../jobs/worker-loop';
import { askForJudging } from '../rights/ask-for-judging';
import { loadRightsStates } from '../rights/state';
import * as queries from './queries';
import { isRefused, judgeForProject } from './service';

/** Jobs of this feature: packing hand-overs. */
export function createProjectHandlers({ pool }: Dependencies, tasks: TaskRunner): JobHandlers {
  return {
    'pack-hand-over': {
      async run(job, options) {
        const row = await queries.findHandOver(pool, job.subjectId);
        const project = row && (await queries.findProject(pool, row.projectId));
        if (!row || !project || row.state === 'packed') return;
        const card = await findCard(pool, row.assetId);
        const version = (await listVersions(pool, row.assetId)).find((candidate) => candidate.id === row.versionId);
        const [state] = await loadRightsStates(pool, [row.assetId]);
        if (!card || !state || !version?.modelSha256)
          throw new DomainError('broken', 'The version this use is pinned to is not there.');
        // between asking and packing its licence may have been settled otherwise, or it was taken down
        const [judged] = await judgeForProject(pool, row.projectId, [row.assetId]);
        if (isRefused(judged.verdict))
          throw new DomainError('not-allowed-by-licence', `${card.name}: ${judged.verdict.reasons.join(' ')}`);
        const house = await loadBook(pool);
        const { credits } = row;
        const packed = await tasks.run(
          'pack-hand-over',
          {
            modelSha256: version.modelSha256,
            name: houseName(await getHandOverName(pool, row.assetId)),
            accession: formatAccession(card.accession),
            versionNumber: version.number,
            format: row.format,
            maps: row.maps,
            credits,
            licences: listLicenceFiles(house, credits),
            rules: house.rules,
            intendedUse: `${project.use.commercial ? 'commercial' : 'non-commercial'}: ${project.use.uses.join(', ')}`,
          },
          options,
        );
        await queries.setPacked(pool, row.id, packed);
      },
      async fail(job, message) {
        await queries.setPackingFailed(pool, job.subjectId, message);
        await askForJudging(pool);
        await bumpRevision(pool);
      },
    },
  };
}

/** The text of each licence; where none is to be had, its name and its address. */
function listLicenceFiles({ book, own }: HouseBook, credits: readonly Credit[]): { id: string; text: string }[] {
  const ids = [...new Set(credits.flatMap(({ licenceId }) => listLicenceIds(licenceId)))];
  return ids.map((id) => {
    const terms = book.getTerms(id);
    const text = own.find((licence) => licence.terms.id === id)?.text || getLicenceTexts()[id];
    return { id, text: text || `${[terms.name, terms.note, terms.url].filter((part) => part !== '').join('\n')}\n` };
  });
}

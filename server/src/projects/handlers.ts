import { houseName } from '@haveld/core/text/house-name';
import { getTerms } from '@haveld/core/rights/licences';
import { DomainError } from '@haveld/contract/error';
import { formatAccession } from '../accession';
import { findCardRow, listVersions } from '../catalogue/service';
import { bumpRevision } from '../database/pool';
import type { Dependencies } from '../dependencies';
import type { TaskRunner } from '../jobs/task-runner';
import type { JobHandlers } from '../jobs/worker-loop';
import * as queries from './queries';

/** Jobs of this feature: packing hand-overs. */
export function createProjectHandlers({ pool }: Dependencies, tasks: TaskRunner): JobHandlers {
  return {
    'pack-hand-over': {
      async run(job, options) {
        const row = await queries.findHandOver(pool, job.subjectId);
        const project = row && (await queries.findProject(pool, row.projectId));
        if (!row || !project || row.state === 'packed') return;
        const card = await findCardRow(pool, row.assetId);
        const version = (await listVersions(pool, row.assetId)).find((candidate) => candidate.id === row.versionId);
        if (!card || !version?.modelSha256)
          throw new DomainError('broken', 'The version this use is pinned to is not there.');
        const terms = getTerms(card.licenceId);
        const packed = await tasks.run(
          'pack-hand-over',
          {
            modelSha256: version.modelSha256,
            name: houseName(card.name),
            accession: formatAccession(card.accession),
            versionNumber: version.number,
            format: row.format,
            credit: row.credit,
            licenceId: card.licenceId,
            licenceWords: [terms.name, terms.url].filter((part) => part !== '').join('\n'),
            intendedUse: project.commercial ? 'commercial' : 'non-commercial',
          },
          options,
        );
        await queries.setPacked(pool, row.id, packed);
      },
      async fail(job, message) {
        await queries.setPackingFailed(pool, job.subjectId, message);
        await bumpRevision(pool);
      },
    },
  };
}

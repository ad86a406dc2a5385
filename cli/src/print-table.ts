import Table from 'cli-table3';
import type { PreparedModel, PreparedReport } from '@haveld/contract/prepared';
import type { Box } from '@haveld/contract/report';
import { formatSize } from '@haveld/core/placement/units';
import { boxSize } from '@haveld/core/scene/measures/bounds';
import { count } from '@haveld/core/text/count';

/** The report for people: a row a model, then what is open and what was said while reading, with its consequence. */
export function printTable({ models, excluded, refused, duplicates }: PreparedReport, isColoured: boolean): string {
  const table = new Table({
    head: ['model', 'format', 'triangles', 'size', 'licence', 'author', 'maps', 'open'],
    style: isColoured ? {} : { head: [], border: [] },
    wordWrap: true,
    colAligns: ['left', 'left', 'right', 'left', 'left', 'left', 'right', 'right'],
  });
  for (const model of models) table.push(describeRow(model));
  const lines = [table.toString(), ...models.flatMap(describeModel)];
  if (excluded.length > 0) {
    lines.push('', `Excluded, ${count(excluded.length, 'file')}:`);
    lines.push(...excluded.slice(0, 20).map(({ path, reason }) => `  ${path}: ${reason}`));
    if (excluded.length > 20) lines.push(`  and ${excluded.length - 20} more`);
  }
  if (duplicates.length > 0)
    lines.push('', ...duplicates.map(({ models: [one, other], summary }) => `${one} and ${other}: ${summary}`));
  if (refused.length > 0) lines.push('', ...refused);
  return `${lines.join('\n')}\n`;
}

function describeRow(model: PreparedModel): string[] {
  if (model.status === 'failed') return [model.name, model.format, '–', 'failed', '–', '–', '–', '–'];
  const found = model.maps.filter((map) => map.status === 'found' || map.status === 'embedded').length;
  return [
    model.name,
    [model.format, model.declared.version].filter(Boolean).join(' '),
    String(model.counts?.before.triangles ?? 0),
    describeSize(model),
    model.licence.id ?? 'unknown',
    model.author ?? 'unknown',
    model.maps.length > 0 ? `${found} of ${model.maps.length}` : 'none',
    String(model.open.length),
  ];
}

const sizeOf = (box: Box): string => formatSize(boxSize(box));

function describeSize({ size }: PreparedModel): string {
  if (!size.proposed) return 'none';
  const box = sizeOf(size.proposed.box);
  if (size.status === 'sure') return box;
  return size.status === 'pencil'
    ? `${box} in pencil, ${Math.round(size.proposed.confidence * 100)} %`
    : `${box} if in ${size.proposed.unit}`;
}

function describeModel(model: PreparedModel): string[] {
  if (model.status === 'failed') return ['', `${model.name}: ${model.message}`];
  const lines = model.log
    .filter((entry) => entry.consequence)
    .map((entry) => `  · ${entry.text} ${entry.consequence}`)
    .concat(
      model.steps.map(
        ({ outcome: { title, changed }, by }) =>
          `  ${by === 'sure' ? '✓' : '✎'} ${title}${changed === '' ? '' : `: ${changed}`}`,
      ),
      model.question === null ? [] : [`  ? ${model.question}`],
      model.open.map((question) => `  ${question.blocks ? '!' : '?'} ${question.title}`),
    );
  return lines.length > 0 ? ['', model.name, ...lines] : [];
}

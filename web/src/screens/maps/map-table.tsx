import './map-table.css';
import { useDroppable } from '@dnd-kit/core';
import { useEffect, useRef } from 'react';
import { ROLES } from '@haveld/core/textures/roles';
import { bytesUrl } from '../../api/client';
import { formatCount } from '../../parts/format';
import { Mark } from '../../parts/mark';
import type { ShownPicture } from '../../view3d/treat.worker';
import { COLUMNS, type CellState, type MapCell, type MapRow, type Place } from './compose-map-sheet';

export interface MapTableProps {
  rows: readonly MapRow[];
  pictures: ReadonlyMap<string, ShownPicture>;
  inHand: Place;
  onHold: (place: Place) => void;
}

/** Materials by slots: the picture in each cell with its state, its size and how sure it is. */
export function MapTable({ rows, pictures, inHand, onHold }: MapTableProps) {
  const table = useRef<HTMLTableElement>(null);
  useEffect(() => {
    table.current?.querySelector('[aria-selected="true"]')?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
  }, [inHand]);
  return (
    <table className="map-table" role="grid" aria-label="Materials and their maps" ref={table}>
      <thead>
        <tr>
          <th scope="col">Material</th>
          {COLUMNS.map((column) => (
            <th key={column.id} scope="col">
              {column.label}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <tr key={row.material}>
            <MaterialCell
              row={row}
              isInHand={inHand.material === row.material && inHand.column === -1}
              onHold={() => onHold({ material: row.material, column: -1 })}
            />
            {row.cells.map((cell, c) => (
              <PictureCell
                key={cell.column.id}
                cell={cell}
                picture={cell.pictureKey ? pictures.get(cell.pictureKey) : undefined}
                isInHand={inHand.material === row.material && inHand.column === c}
                onHold={() => onHold({ material: row.material, column: c })}
              />
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function MaterialCell({ row, isInHand, onHold }: { row: MapRow; isInHand: boolean; onHold: () => void }) {
  const open = row.findings.filter((finding) => !finding.settled);
  const { look } = row;
  return (
    <th scope="row" className={isInHand ? 'map-material in-hand' : 'map-material'} aria-selected={isInHand}>
      <button type="button" onClick={onHold} tabIndex={isInHand ? 0 : -1}>
        <strong>{row.material || 'unnamed'}</strong>
        {look && (
          <span className="quiet small">
            {formatCount(look.parts.length, 'part')}, {formatCount(look.triangles, 'triangle')}
            {look.factors.alphaMode === 'MASK'
              ? ', cut out'
              : look.factors.alphaMode === 'BLEND'
                ? ', see-through'
                : ''}
            {look.factors.doubleSided ? ', both sides' : ''}
          </span>
        )}
        {open.length > 0 && (
          <span className="small says-look">
            <Mark mark="look" /> {open[0].sure ? 'sure: ' : ''}
            {WHAT[open[0].key.split(':')[0]] ?? 'look'}
          </span>
        )}
      </button>
    </th>
  );
}

/** What is open about a material, by what its finding's key begins with. */
const WHAT: Record<string, string> = { alpha: 'holes', twins: 'came twice', shine: 'colour only' };

const STATE_WORDS: Record<CellState, string> = {
  missing: 'not here',
  open: 'look',
  changed: 'changed',
  holds: 'holds',
  empty: 'none',
};

function PictureCell({
  cell,
  picture,
  isInHand,
  onHold,
}: {
  cell: MapCell;
  picture: ShownPicture | undefined;
  isInHand: boolean;
  onHold: () => void;
}) {
  const { setNodeRef, isOver } = useDroppable({
    id: `${cell.material}|${cell.column.id}`,
    data: { material: cell.material, column: cell.column.id },
  });
  const line = cell.lines[0];
  const [open] = cell.findings.filter((finding) => !finding.settled);
  const kept = cell.column.id === 'further' && !cell.pictureKey ? (line?.picture?.thumbSha256 ?? null) : null;
  const isProposed = !picture && cell.proposedThumb !== null;
  const url = picture?.url ?? toUrl(cell.isFigure ? null : (cell.proposedThumb ?? kept));
  const size =
    picture ?? (line?.width && cell.state !== 'changed' ? { width: line.width, height: line.height! } : null);
  return (
    <td
      ref={setNodeRef}
      aria-selected={isInHand}
      className={['map-cell', cell.state, isInHand ? 'in-hand' : '', isOver ? 'over' : ''].join(' ')}
    >
      <button type="button" onClick={onHold} tabIndex={isInHand ? 0 : -1}>
        <span className="visually-hidden">{describeCell(cell)}</span>
        {url ? (
          <img src={url} alt="" draggable={false} className={isProposed ? 'proposed' : undefined} />
        ) : (
          <span className="map-blank" aria-hidden="true">
            {cell.state === 'missing' ? 'not here' : cell.state === 'open' ? '?' : cell.isFigure ? 'a figure' : '–'}
          </span>
        )}
        <span className="map-foot" aria-hidden="true">
          {cell.state !== 'empty' && cell.state !== 'changed' && (
            <Mark mark={cell.state === 'missing' ? 'blocks' : cell.state === 'open' ? 'look' : 'holds'} />
          )}
          {cell.state === 'changed' && (
            <span className="map-changed" aria-hidden="true">
              ✎
            </span>
          )}
          <span className="mono">
            {open?.choices[0]
              ? `${open.sure ? 'sure' : 'ask'} ${Math.round(open.choices[0].confidence * 100)} %`
              : size && size.width > 0
                ? formatTexels(size)
                : ''}
          </span>
        </span>
      </button>
    </td>
  );
}

const toUrl = (sha256: string | null): string | null => (sha256 === null ? null : bytesUrl(sha256, 'png'));

function describeCell({ material, column, state, judged, lines }: MapCell): string {
  const name = lines[0]?.path?.split('/').pop() ?? lines[0]?.reference ?? '';
  const role = judged ? `, ${ROLES[judged.role].label}, ${Math.round(judged.confidence * 100)} per cent` : '';
  return `${material}, ${column.label}: ${STATE_WORDS[state]}${name ? `, ${name}` : ''}${role}`;
}

/** `2K` for squares of whole thousands, else both sides. */
const formatTexels = ({ width, height }: { width: number; height: number }): string =>
  width === height && width % 1024 === 0 ? `${width / 1024}K` : `${width}×${height}`;

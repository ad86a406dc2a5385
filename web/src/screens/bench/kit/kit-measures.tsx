import Button from '@mui/material/Button';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableContainer from '@mui/material/TableContainer';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import TableSortLabel from '@mui/material/TableSortLabel';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import type { KitBench, PieceMeasures } from '@haveld/contract/api/kits';
import { formatCount } from '../../../parts/format';
import { useMeasures } from '../../../parts/use-measures';

const SIDES = ['width', 'height', 'depth'] as const;
type Order = 'name' | (typeof SIDES)[number];

/** The pieces of a kit in a table of measures: what they share above it, what stands out marked in it. */
export function KitMeasures({ kit, onChoose }: { kit: KitBench; onChoose: (ids: string[]) => void }) {
  const [order, setOrder] = useState<Order>('name');
  const [isDown, setDown] = useState(false);
  const { unit, module, pieces } = kit.measures;
  const { length } = useMeasures();
  const names = useMemo(() => new Map(kit.assets.map(({ id, name }) => [id, name])), [kit.assets]);
  const rows = useMemo(() => {
    const sorted = [...pieces].sort((a, b) =>
      order === 'name'
        ? (names.get(a.assetId) ?? '').localeCompare(names.get(b.assetId) ?? '', 'en', { numeric: true })
        : a[order] - b[order],
    );
    return isDown ? sorted.reverse() : sorted;
  }, [pieces, order, isDown, names]);
  const odd = pieces.filter(isOdd);
  const sortBy = (next: Order): void => {
    setDown(next === order && !isDown);
    setOrder(next);
  };
  return (
    <section className="sheet kit-measures" aria-label="Measures">
      <h2>Measures</h2>
      <p className="kit-measures-words">
        {unit && (
          <span>
            Together they are in <strong>{unit.label}</strong>,{' '}
            {unit.confidence > 0.995 ? '> 99' : Math.round(unit.confidence * 100)} %: {unit.agree} of{' '}
            {formatCount(pieces.length, 'piece')} say so by themselves
            {unit.others.length > 0 && (
              <>
                {', '}
                <button type="button" className="link-button" onClick={() => onChoose(unit.others)}>
                  {unit.others.length} say another
                </button>
              </>
            )}
            .
          </span>
        )}{' '}
        <span>{module ? `Module ${length(module.metres)}: ${module.summary}.` : 'Their sides follow no module.'}</span>{' '}
        {odd.length > 0 && (
          <Button size="small" variant="outlined" onClick={() => onChoose(odd.map(({ assetId }) => assetId))}>
            Choose the {odd.length} that stand out
          </Button>
        )}
      </p>
      <TableContainer className="kit-table" tabIndex={0} role="region" aria-label="Table of measures">
        <Table size="small" stickyHeader>
          <TableHead>
            <TableRow>
              {(['name', ...SIDES] as const).map((column) => (
                <TableCell
                  key={column}
                  align={column === 'name' ? 'left' : 'right'}
                  sortDirection={order === column ? (isDown ? 'desc' : 'asc') : false}
                >
                  <TableSortLabel
                    active={order === column}
                    direction={order === column && isDown ? 'desc' : 'asc'}
                    onClick={() => sortBy(column)}
                  >
                    {column === 'name' ? 'piece' : column}
                  </TableSortLabel>
                </TableCell>
              ))}
              <TableCell>pivot</TableCell>
              <TableCell>stands out</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {rows.map((piece) => (
              <TableRow key={piece.assetId} className={isOdd(piece) ? 'odd' : ''}>
                <TableCell component="th" scope="row">
                  <Link to={`/bench/${piece.assetId}`}>{names.get(piece.assetId)}</Link>
                </TableCell>
                {SIDES.map((side) => (
                  <TableCell
                    key={side}
                    align="right"
                    className={piece.offModule.some((off) => off.side === side) ? 'mono off' : 'mono'}
                  >
                    {length(piece[side])}
                  </TableCell>
                ))}
                <TableCell>{piece.pivot}</TableCell>
                <TableCell className="small">{describeOdd(piece, length)}</TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </TableContainer>
    </section>
  );
}

const isOdd = ({ offModule, times }: PieceMeasures): boolean => offModule.length > 0 || times !== null;

function describeOdd({ offModule, times, isSettled }: PieceMeasures, length: (metres: number) => string): string {
  const parts = offModule.map(({ side, off }) => `${side} ${off > 0 ? '+' : '−'}${length(Math.abs(off))}`);
  if (times !== null)
    parts.push(
      times > 1 ? `${Math.round(times)} times the others` : `${Math.round(1 / times)} times smaller than the others`,
    );
  if (!isSettled) parts.push('size not settled');
  return parts.join(', ');
}

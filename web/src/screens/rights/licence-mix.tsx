import './licence-mix.css';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { Bar, BarChart, CartesianGrid, Tooltip, XAxis, YAxis } from 'recharts';
import type { Rights } from '@haveld/contract/api/rights';
import { licenceWords, standingOf } from '@haveld/core/rights/licence-book';
import { licenceMixQuery } from '../../api/queries';
import { useBook } from '../../parts/use-book';

/** Licences of one standing are shades of one colour; words stand beside each, so colour never stands alone. */
const SHADES = {
  taken: ['#17625B', '#4E8C81', '#8DB3AB', '#2F4F4A', '#B3CCC6'],
  look: ['#C9A046', '#B97B12', '#E0C480'],
  never: ['#B97B12', '#8A5A0A'],
  closed: ['#A8402F', '#C97A6C'],
};

/** How many stand under which licence: today as one bar, and month by month. */
export function LicenceMix({ rights }: { rights: Rights }) {
  const book = useBook();
  const mix = useQuery(licenceMixQuery);
  if (rights.byLicence.length === 0) return null;
  const used: Record<string, number> = {};
  const lines = rights.byLicence.slice(0, 9).map(({ licenceId, count }) => {
    const standing = standingOf(book, licenceId);
    const shades = SHADES[standing];
    used[standing] = (used[standing] ?? -1) + 1;
    return { licenceId, count, words: licenceWords(book, licenceId), colour: shades[used[standing] % shades.length] };
  });
  const months = [...new Set(mix.data?.map(({ month }) => month) ?? [])];
  return (
    <section className="rights-mix">
      <h2>The library by licence</h2>
      <div className="mix-bar" role="img" aria-label={lines.map(({ words, count }) => `${count} ${words}`).join(', ')}>
        {lines.map(({ licenceId, count, colour }) => (
          <span key={licenceId} style={{ flexGrow: count, background: colour }} />
        ))}
      </div>
      <ul className="mix-words">
        {lines.map(({ licenceId, count, words, colour }) => (
          <li key={licenceId}>
            <span className="mix-dot" style={{ background: colour }} aria-hidden />
            <Link to={`/rights/ledger?by=licence&group=${encodeURIComponent(licenceId)}`}>
              {count} {words}
            </Link>
          </li>
        ))}
      </ul>
      {months.length > 1 && (
        <>
          <h3>Month by month</h3>
          <BarChart
            width={440}
            height={150}
            data={months.map((month) => ({
              month,
              ...Object.fromEntries(
                mix.data!.filter((one) => one.month === month).map((one) => [one.licenceId, one.count]),
              ),
            }))}
            margin={{ left: 0, right: 8, top: 6, bottom: 0 }}
            accessibilityLayer
          >
            <CartesianGrid stroke="var(--rule)" vertical={false} />
            <XAxis
              dataKey="month"
              tick={{ fill: 'var(--quiet)', fontSize: 12 }}
              tickLine={false}
              axisLine={{ stroke: 'var(--rule)' }}
            />
            <YAxis
              width={34}
              allowDecimals={false}
              tick={{ fill: 'var(--quiet)', fontSize: 12 }}
              tickLine={false}
              axisLine={false}
            />
            <Tooltip contentStyle={{ background: 'var(--sheet)', border: '1px solid var(--rule)' }} />
            {lines.map(({ licenceId, words, colour }) => (
              <Bar
                key={licenceId}
                dataKey={licenceId}
                name={words}
                stackId="all"
                fill={colour}
                barSize={22}
                isAnimationActive={false}
              />
            ))}
          </BarChart>
        </>
      )}
    </section>
  );
}

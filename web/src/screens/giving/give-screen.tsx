import './giving.css';
import { useQuery } from '@tanstack/react-query';
import { useLocation } from 'react-router';
import { GIVEN_KIND_WORDS } from '@haveld/contract/giving';
import { givingQuery } from '../../api/queries';
import { formatBytes, formatCount, formatDay } from '../../parts/format';
import { Loading } from '../../parts/notice';
import { GiftForm } from './gift-form';
import { GivingPage } from './giving-page';

/** Where a giving link leads: somebody without an account gives models, and sees nothing of the library. */
export function GiveScreen() {
  // what stands after the # never left the browser
  const token = useLocation().hash.slice(1);
  const link = useQuery({ ...givingQuery(token), enabled: token !== '' });
  if (token !== '' && link.isPending) return <Loading />;
  if (!link.data)
    return (
      <GivingPage>
        <p className="says-blocks" role="alert">
          {link.error?.message ?? 'This address is not whole: the link ends in a long word after a #.'}
        </p>
      </GivingPage>
    );
  const { houseName, name, words, endsOn, giftsLeft, mostBytes, kinds } = link.data;
  return (
    <GivingPage>
      <h1>{name}</h1>
      <p>
        {houseName || 'A studio'} asks for models.{words !== '' && ` ${words}`}
      </p>
      <p className="quiet small">
        {kinds.map((kind) => GIVEN_KIND_WORDS[kind]).join(', ')}, {formatBytes(mostBytes)} per contribution; until{' '}
        {formatDay(endsOn)}, {formatCount(giftsLeft, 'more contribution')}
      </p>
      <GiftForm token={token} link={link.data} />
    </GivingPage>
  );
}

import '../projects/projects.css';
import './people.css';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Member } from '@haveld/contract/api/people';
import { peopleQuery } from '../../api/queries';
import { formatCount } from '../../parts/format';
import { Failure, Loading } from '../../parts/notice';
import { GivenLinkNote, type GivenLink } from './given-link';
import { InviteForm } from './invite-form';
import { MemberRow } from './member-row';
import { RemoveDialog } from './remove-dialog';

/** Who may come in, and as what. */
export function PeopleScreen() {
  const people = useQuery(peopleQuery);
  const [inviting, setInviting] = useState(false);
  const [link, setLink] = useState<GivenLink | null>(null);
  const [removing, setRemoving] = useState<Member | null>(null);
  if (people.isPending) return <Loading />;
  if (people.isLoadingError) return <Failure error={people.error} onRetry={() => void people.refetch()} />;
  const here = people.data.filter(({ state }) => state !== 'removed');
  const show = (given: GivenLink): void => {
    setInviting(false);
    setLink(given);
  };
  return (
    <div className="screen">
      <div className="screen-head">
        <h1>People</h1>
        <span className="quiet">
          {formatCount(here.length, 'person', 'people')}; what each may follows from the role
        </span>
        <span className="grow" />
        <Button variant="contained" onClick={() => setInviting(true)} disabled={inviting}>
          Invite somebody
        </Button>
      </div>
      <div className="screen-body people-body">
        {inviting && <InviteForm onDone={show} onCancel={() => setInviting(false)} />}
        {link && <GivenLinkNote key={link.token} link={link} onDone={() => setLink(null)} />}
        <table className="register">
          <thead>
            <tr>
              <th scope="col">Person</th>
              <th scope="col">Role</th>
              <th scope="col">Last seen</th>
              <th scope="col">
                <span className="visually-hidden">Actions</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {people.data.map((member) => (
              <MemberRow key={member.id} member={member} onLink={show} onRemove={() => setRemoving(member)} />
            ))}
          </tbody>
        </table>
      </div>
      {removing && <RemoveDialog member={removing} onClose={() => setRemoving(null)} />}
    </div>
  );
}

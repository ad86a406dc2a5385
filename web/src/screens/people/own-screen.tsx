import '../projects/projects.css';
import './people.css';
import { useQuery } from '@tanstack/react-query';
import type { Person } from '@haveld/contract/api/people';
import { meQuery } from '../../api/queries';
import { describeRole } from '../../parts/role-of-person';
import { NameForm } from './name-form';
import { PasswordForm } from './password-form';
import { SessionList } from './session-list';
import { TokenList } from './token-list';

/** One's own page: name and password, where one is signed in, and what programs may in one's name. */
export function OwnScreen() {
  const me = useQuery(meQuery);
  return me.data ? <Own key={me.data.name} me={me.data} /> : null;
}

function Own({ me }: { me: Person }) {
  return (
    <div className="screen">
      <div className="screen-head">
        <h1>{me.name}</h1>
        <span className="quiet">
          signs in as <span className="mono">{me.signIn}</span> · {describeRole(me.role)}
        </span>
      </div>
      <div className="screen-body own-body">
        <div className="own-side">
          <NameForm name={me.name} />
          <PasswordForm />
        </div>
        <div className="own-side">
          <SessionList />
          <TokenList role={me.role} />
        </div>
      </div>
    </div>
  );
}

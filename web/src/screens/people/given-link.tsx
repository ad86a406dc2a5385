import { formatMoment } from '../../parts/format';
import { GivenSecret } from '../../parts/given-secret';

/** A link that was just made for somebody. */
export interface GivenLink {
  name: string;
  /** In place of a password that was forgotten. */
  isReset: boolean;
  token: string;
  expiresAt: string;
}

/** A link for somebody, to be given to them by hand. */
export function GivenLinkNote({ link, onDone }: { link: GivenLink; onDone: () => void }) {
  return (
    <GivenSecret
      title={link.isReset ? `A new password for ${link.name}` : `An invitation for ${link.name}`}
      // after the # it stays in the browser: no log of a proxy keeps it
      secret={`${window.location.origin}/join#${link.token}`}
      onDone={onDone}
    >
      Give it to them yourself; Haveld sends no mail. Whoever has it first chooses the password. It opens once, until{' '}
      {formatMoment(link.expiresAt)}.
    </GivenSecret>
  );
}

import { mkdir, rename, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import MailComposer from 'nodemailer/lib/mail-composer';
import type { Notice } from '@haveld/contract/api/remarks';
import { formatAccession } from '../assets/accession';
import type { Dependencies } from '../dependencies';
import type { JobHandlers } from '../jobs/worker-loop';
import { findNotice, type NoticeRow } from './queries';

export const SEND_MAIL = 'send-mail';

/** Jobs of this feature: mail to whoever is told something. */
export function createRemarkHandlers({ pool, mailFolder }: Pick<Dependencies, 'pool' | 'mailFolder'>): JobHandlers {
  return {
    [SEND_MAIL]: {
      async run({ subjectId }) {
        const notice = await findNotice(pool, subjectId);
        if (notice) await send(mailFolder, notice);
      },
      fail: () => Promise.resolve(),
    },
  };
}

const REASONS: Record<Notice['reason'], string> = {
  mentioned: 'mentioned you',
  answered: 'answered',
  'on-own': 'remarked on what you brought in',
};

/**
 * The mail service that ships with Haveld: each message is a file (RFC 5322), under the id of its notice, so that one that is sent twice is there
 * once.
 */
async function send(folder: string, notice: NoticeRow & { signIn: string; name: string }): Promise<void> {
  const { id, reason, personName, accession, assetName, text, signIn, name } = notice;
  const message = new MailComposer({
    from: { name: 'Haveld', address: 'haveld@localhost' },
    to: { name, address: `${encodeURIComponent(signIn)}@localhost` },
    date: notice.at,
    messageId: `<${id}@haveld.localhost>`,
    subject: `${personName} ${REASONS[reason]}: ${formatAccession(accession)} ${assetName}`,
    text: `${text}\n\n${formatAccession(accession)} ${assetName}\n`,
  });
  await mkdir(folder, { recursive: true });
  const path = join(folder, `${id}.eml`);
  await writeFile(`${path}.part`, await message.compile().build());
  await rename(`${path}.part`, path);
}

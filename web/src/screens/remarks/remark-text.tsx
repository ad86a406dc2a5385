import { useQuery } from '@tanstack/react-query';
import { listMentioned } from '@haveld/core/text/mentions';
import { colleaguesQuery } from '../../api/queries';

/** A text with its lines, and who is mentioned standing out. */
export function RemarkText({ text }: { text: string }) {
  const colleagues = useQuery(colleaguesQuery).data ?? [];
  const mentioned = new Set(listMentioned(text, colleagues));
  const names = colleagues.filter(({ id }) => mentioned.has(id)).map(({ signIn }) => `@${signIn}`.toLowerCase());
  return (
    <p className="remark-text">
      {text.split(/(@[\p{L}\p{N}][\p{L}\p{N}._@-]*)/u).map((part, i) => {
        const isName = names.some((name) => part.toLowerCase().replace(/[._@-]+$/, '') === name);
        return isName ? <strong key={i}>{part}</strong> : part;
      })}
    </p>
  );
}

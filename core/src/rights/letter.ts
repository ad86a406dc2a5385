import type { Provenance } from '@haveld/contract/licence';
import type { LicenceBook } from './licence-book';
import { licenceWords } from './licence-book';
import { UNKNOWN_LICENCE } from './licences/standings';

export interface LetterInput {
  provenance: Pick<Provenance, 'title' | 'author' | 'pageUrl' | 'source' | 'licenceId'>;
  /** What is asked, as a verdict says it: `use it in a production that earns money`. */
  question: string;
  /** What the production is; empty where none is named. */
  purpose: string;
  house: string;
  writer: string;
}

/** A letter to a model's author, ready to send. */
export function writeLetter(
  book: LicenceBook,
  { provenance, question, purpose, house, writer }: LetterInput,
): { subject: string; body: string } {
  const title = provenance.title || 'your model';
  const where = provenance.pageUrl || provenance.source;
  const stands =
    provenance.licenceId === UNKNOWN_LICENCE
      ? 'We found no licence with it.'
      : `As we read it, it stands under: ${licenceWords(book, provenance.licenceId, 'name')}.`;
  const ask = question.startsWith('tell us')
    ? `Would you ${question.replace('tell us', 'please tell us')}?`
    : `May we ${question}?`;
  return {
    subject: `“${title}”: a question about its licence`,
    body: [
      `Dear ${provenance.author || 'author'},`,
      '',
      `we would like to use “${title}”${where === '' ? '' : `, which we found at ${where},`} in our work${purpose === '' ? '' : `: ${purpose}`}. ${stands}`,
      '',
      ask,
      '',
      'A short answer by mail is enough; please name the licence with its version, or your terms, so that we can keep your answer with the model and name you as you wish to be named. Until we hear from you we will not use it so.',
      '',
      'With kind regards,',
      writer,
      house,
    ].join('\n'),
  };
}

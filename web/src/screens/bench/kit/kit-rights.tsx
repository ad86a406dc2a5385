import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { Controller, useForm } from 'react-hook-form';
import { changeKitProvenance, type KitBench } from '@haveld/contract/api/kits';
import { licenceWords } from '@haveld/core/rights/licence-book';
import { call } from '../../../api/client';
import { useChange } from '../../../api/use-change';
import { formatCount } from '../../../parts/format';
import { LicenceField } from '../../../parts/licence-field';
import { useBook } from '../../../parts/use-book';

/** Whose the kit is; its pieces follow unless they have a line of their own. */
export function KitRights({ kit }: { kit: KitBench }) {
  const book = useBook();
  const [isOpen, setIsOpen] = useState(false);
  const { licenceId, author, source, pageUrl } = kit.provenance;
  const form = useForm({ values: { licenceId, author, source, pageUrl } });
  const save = useChange(
    (body: { licenceId: string; author: string; source: string; pageUrl: string }) =>
      call(changeKitProvenance, { params: { id: kit.id }, body }),
    { onDone: () => setIsOpen(false) },
  );
  return (
    <article className="sheet kit-finding" aria-label="Whose the kit is">
      <div className="kit-rights-head">
        <h3>
          {licenceWords(book, licenceId)}, {author || 'author not known'}
        </h3>
        <span className="quiet small">
          {source || 'source not known'} · counts for{' '}
          {kit.ownProvenance > 0 ? `all but ${formatCount(kit.ownProvenance, 'piece')}` : 'every piece'}
        </span>
        <Button size="small" onClick={() => setIsOpen((now) => !now)}>
          {isOpen ? 'Cancel' : 'Correct it'}
        </Button>
      </div>
      {isOpen && (
        <form
          className="rights-form"
          onSubmit={(event) => void form.handleSubmit((body) => save.mutate(body))(event)}
          noValidate
        >
          <Controller
            name="licenceId"
            control={form.control}
            render={({ field }) => <LicenceField id="kit-licence" value={field.value} onChange={field.onChange} />}
          />
          <TextField id="kit-author" label="Author" {...form.register('author')} />
          <TextField id="kit-source" label="Source" {...form.register('source')} />
          <TextField id="kit-page" label="Its page" className="wide" {...form.register('pageUrl')} />
          <div className="finding-acts wide">
            <Button type="submit" variant="contained" disabled={!form.formState.isDirty} loading={save.isPending}>
              Save for the kit
            </Button>
          </div>
        </form>
      )}
    </article>
  );
}

import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useState } from 'react';
import { cataloguePieces, type KitBench } from '@haveld/contract/api/kits';
import type { Category } from '@haveld/contract/category';
import { call } from '../../../api/client';
import { useChange } from '../../../api/use-change';
import { CategorySelect } from '../../../parts/category-select';
import { formatCount } from '../../../parts/format';
import { Mark } from '../../../parts/mark';

/** Catalogues pieces together; those that cannot be yet are named with what is missing. */
export function KitCatalogueDialog({
  kit,
  assetIds,
  onClose,
}: {
  kit: KitBench;
  assetIds: readonly string[];
  onClose: () => void;
}) {
  const [category, setCategory] = useState<Category | null>(null);
  const [held, setHeld] = useState<{ name: string; why: string }[] | null>(null);
  const put = useChange(
    () => call(cataloguePieces, { params: { id: kit.id }, body: { category, assetIds: [...assetIds] } }),
    {
      onDone: (result) => (result.held.length === 0 ? onClose() : setHeld(result.held)),
    },
  );
  return (
    <Dialog open onClose={onClose} aria-labelledby="kit-catalogue-title" fullWidth maxWidth="sm">
      <DialogTitle id="kit-catalogue-title" component="h2">
        {held
          ? `${formatCount(held.length, 'piece')} cannot be catalogued yet`
          : `Put ${formatCount(assetIds.length, 'piece')} into the catalogue`}
      </DialogTitle>
      <DialogContent>
        {held ? (
          <ul style={{ margin: 0, padding: 0, listStyle: 'none' }}>
            {held.slice(0, 12).map(({ name, why }) => (
              <li key={name} style={{ padding: '4px 0' }}>
                <Mark mark="blocks" /> <strong>{name}</strong>: {why}
              </li>
            ))}
            {held.length > 12 && <li className="quiet">and {held.length - 12} more</li>}
          </ul>
        ) : (
          <CategorySelect
            id="kit-category"
            value={category}
            onChoose={setCategory}
            nullLabel="each by what its name says"
          />
        )}
      </DialogContent>
      <DialogActions sx={{ px: 3, pb: 2 }}>
        <Button onClick={onClose}>{held ? 'Back to the kit' : 'Cancel'}</Button>
        {!held && (
          <Button variant="contained" loading={put.isPending} onClick={() => put.mutate(undefined)}>
            Catalogue them
          </Button>
        )}
      </DialogActions>
    </Dialog>
  );
}

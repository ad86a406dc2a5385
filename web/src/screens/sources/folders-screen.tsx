import './folders.css';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { useForm } from 'react-hook-form';
import { Link } from 'react-router';
import { unwatchFolder, watchFolder, type AFTERWARDS, type WatchedFolder } from '@haveld/contract/api/watching';
import { call } from '../../api/client';
import { watchedFoldersQuery } from '../../api/queries';
import { useChange } from '../../api/use-change';
import { formatCount, formatMoment } from '../../parts/format';
import { Mark } from '../../parts/mark';
import { Failure, Loading, Notice } from '../../parts/notice';
import { useMay } from '../../parts/use-may';

const AFTERWARDS_WORDS: Record<(typeof AFTERWARDS)[number], string> = {
  stay: 'stay where they are',
  move: 'are moved into its folder “taken”',
  mark: 'get a file beside them that says so',
};
const TOGETHER_WORDS: Record<WatchedFolder['together'], string> = {
  each: 'each file arrives by itself',
  folders: 'each sub-folder is one arrival',
};

/** Folders of the server whose files arrive by themselves. */
export function FoldersScreen() {
  const watched = useQuery(watchedFoldersQuery);
  const mayWatch = useMay('curator');
  return (
    <div className="screen">
      <div className="screen-head">
        <h1>Watched folders</h1>
        <span className="quiet">what is put there arrives by itself, once, when it is whole</span>
        <span className="grow" />
        <Button component={Link} to="/arrivals/sources">
          Back to the sources
        </Button>
      </div>
      <div className="screen-body folders">
        {watched.isPending && <Loading />}
        {watched.error && <Failure error={watched.error} onRetry={() => void watched.refetch()} />}
        {watched.data?.folders.map((folder) => (
          <FolderCard key={folder.id} folder={folder} mayWatch={mayWatch} />
        ))}
        {watched.data?.folders.length === 0 && (
          <Notice title="No folder is watched">
            {mayWatch ? 'Name one below.' : 'A curator names one.'} From another machine the shell does the same:{' '}
            <code className="mono">npx haveld watch &lt;folder&gt; --to &lt;address&gt;</code>
          </Notice>
        )}
        {watched.data && mayWatch && <FolderForm roots={watched.data.roots} />}
      </div>
    </div>
  );
}

function FolderCard({ folder, mayWatch }: { folder: WatchedFolder; mayWatch: boolean }) {
  const end = useChange(() => call(unwatchFolder, { params: { id: folder.id } }));
  return (
    <section className="folder-card" aria-label={folder.path}>
      <div>
        <h2 className="mono">{folder.path}</h2>
        <p>
          {TOGETHER_WORDS[folder.together]}; files that were taken {AFTERWARDS_WORDS[folder.afterwards]}
          {folder.author && `; by ${folder.author}`}
          {folder.source && `; from ${folder.source}`}
        </p>
        <p className="quiet small">
          {folder.taken === 0 ? 'nothing was taken yet' : `${formatCount(folder.taken, 'file')} taken`}
          {folder.lastTakenAt && `, the last ${formatMoment(folder.lastTakenAt)}`} · watched for {folder.personName}
        </p>
        {folder.trouble && (
          <p className="says-look small" role="status">
            <Mark mark="look" /> {folder.trouble}
          </p>
        )}
      </div>
      {mayWatch && (
        <Button
          size="small"
          loading={end.isPending}
          onClick={() => end.mutate(undefined)}
          aria-label={`Watch ${folder.path} no more`}
        >
          Watch no more
        </Button>
      )}
    </section>
  );
}

interface Given {
  path: string;
  together: WatchedFolder['together'];
  afterwards: WatchedFolder['afterwards'];
  author: string;
  source: string;
}

const EMPTY: Given = { path: '', together: 'each', afterwards: 'stay', author: '', source: '' };

function FolderForm({ roots }: { roots: string[] }) {
  const { register, handleSubmit, reset } = useForm<Given>({ defaultValues: EMPTY });
  const watch = useChange((given: Given) => call(watchFolder, { body: given }), { onDone: () => reset(EMPTY) });
  return (
    <form
      className="folder-form"
      onSubmit={(event) => void handleSubmit((given) => watch.mutate(given))(event)}
      aria-label="Watch a folder"
    >
      <h2>Watch a folder of the server</h2>
      <TextField
        id="folder-path"
        label="Folder"
        helperText={`below ${roots.join(' or ')}`}
        {...register('path', { required: true })}
        fullWidth
      />
      <TextField
        id="folder-together"
        select
        label="What belongs together"
        defaultValue="each"
        {...register('together')}
      >
        {Object.entries(TOGETHER_WORDS).map(([value, words]) => (
          <MenuItem key={value} value={value}>
            {words}
          </MenuItem>
        ))}
      </TextField>
      <TextField
        id="folder-afterwards"
        select
        label="Files that were taken"
        defaultValue="stay"
        {...register('afterwards')}
      >
        {Object.entries(AFTERWARDS_WORDS).map(([value, words]) => (
          <MenuItem key={value} value={value}>
            {words}
          </MenuItem>
        ))}
      </TextField>
      <TextField id="folder-author" label="Author, if one person made everything" {...register('author')} />
      <TextField id="folder-source" label="Source, if everything comes from one" {...register('source')} />
      <div>
        <Button type="submit" variant="contained" loading={watch.isPending}>
          Watch it
        </Button>
      </div>
    </form>
  );
}

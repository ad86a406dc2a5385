import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import FormControlLabel from '@mui/material/FormControlLabel';
import MenuItem from '@mui/material/MenuItem';
import Radio from '@mui/material/Radio';
import RadioGroup from '@mui/material/RadioGroup';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { Card } from '@haveld/contract/api/catalogue';
import { handOver, judgeForProject } from '@haveld/contract/api/projects';
import { MapFileSchema, takesMapFile, type MapFile, type HandOverFormat } from '@haveld/contract/hand-over-shape';
import { call } from '../../api/client';
import { projectsQuery } from '../../api/queries';
import { useChange } from '../../api/use-change';
import { formatCount } from '../../parts/format';
import { Mark } from '../../parts/mark';
import { VERDICT_MARKS, VERDICT_WORDS } from '../../parts/standing-mark';
import { useHouseRules } from '../../parts/use-house-rules';
import { ProjectForm } from './project-form';

const NEW = 'new';

const MODEL_WORDS: Record<HandOverFormat, string> = {
  glb: 'GLB: one file, maps inside',
  gltf: 'glTF: maps loose beside it',
  obj: 'OBJ and MTL: polygons as they came, maps loose beside it',
};

const listMapWords = (side: number): Record<MapFile, { name: string; beside: string }> => ({
  'as-they-are': { name: 'As they are', beside: `At most ${side} texels a side, as the house hands over.` },
  png: { name: 'PNG', beside: 'Nothing is lost; large.' },
  jpeg: { name: 'JPEG', beside: 'Small; what is see-through stays PNG.' },
  webp: { name: 'WebP', beside: 'Smaller than both; the program that opens it must know EXT_texture_webp.' },
  ktx2: {
    name: 'KTX2 (Basis)',
    beside: 'Small on the card as well; some five seconds for a map of 2K, and KHR_texture_basisu is needed.',
  },
});

/** Hands assets to a project: the verdict and its reason first, then the shape, then the packing. */
export function HandOverDialog({
  cards,
  onClose,
  onDone,
}: {
  cards: readonly Card[];
  onClose: () => void;
  onDone: () => void;
}) {
  const projects = useQuery(projectsQuery);
  const mapWords = listMapWords(useHouseRules().handedOverMapSide);
  const navigate = useNavigate();
  const [picked, setPicked] = useState<string | null>(null);
  const [format, setFormat] = useState<HandOverFormat>('glb');
  const [mapsPicked, setMaps] = useState<MapFile>('as-they-are');
  const maps = takesMapFile(format, mapsPicked) ? mapsPicked : 'as-they-are';
  const projectId = picked ?? projects.data?.[0]?.id ?? (projects.data ? NEW : '');
  const ids = cards.map((card) => card.id);
  const verdicts = useQuery({
    queryKey: ['library', 'verdicts', projectId, ids],
    queryFn: ({ signal }) => call(judgeForProject, { params: { id: projectId }, body: { assetIds: ids }, signal }),
    enabled: projectId !== '' && projectId !== NEW,
  });
  const pack = useChange(() => call(handOver, { params: { id: projectId }, body: { assetIds: ids, format, maps } }), {
    onDone: () => {
      onDone();
      void navigate(`/projects/${projectId}`);
    },
  });
  const refused =
    verdicts.data?.filter(({ verdict }) => verdict.verdict === 'not-allowed' || verdict.verdict === 'ask-first') ?? [];
  return (
    <Dialog open onClose={onClose} aria-labelledby="hand-over-title" fullWidth maxWidth="sm">
      <DialogTitle id="hand-over-title" component="h2">
        Hand over {cards.length === 1 ? `“${cards[0].name}”` : formatCount(cards.length, 'asset')}
      </DialogTitle>
      <DialogContent sx={{ display: 'flex', flexDirection: 'column', gap: 2 }}>
        <TextField
          id="hand-over-project"
          select
          label="To"
          value={projectId}
          onChange={(event) => setPicked(event.target.value)}
          fullWidth
        >
          {projects.data?.map((project) => (
            <MenuItem key={project.id} value={project.id}>
              {project.name}{' '}
              <span className="quiet small">{project.use.commercial ? 'commercial' : 'non-commercial'}</span>
            </MenuItem>
          ))}
          <MenuItem value={NEW}>New project …</MenuItem>
        </TextField>
        {projectId === NEW && (
          <ProjectForm
            onDone={(project) => setPicked(project.id)}
            onCancel={() => (projects.data?.length ? setPicked(null) : onClose())}
          />
        )}
        {verdicts.error && <p className="says-blocks">{verdicts.error.message}</p>}
        {verdicts.data?.map(({ card, verdict, credit }) => {
          const mark = VERDICT_MARKS[verdict.verdict];
          return (
            <div key={card.id} className="verdict">
              <p>
                <Mark mark={mark} />{' '}
                <strong>
                  {card.name}: {VERDICT_WORDS[verdict.verdict]}
                </strong>
              </p>
              {[...verdict.reasons, ...verdict.duties.map(({ text }) => text)].map((sentence) => (
                <p key={sentence} className="small">
                  {sentence}
                </p>
              ))}
              <p className="small quiet">{credit}</p>
            </div>
          );
        })}
        {projectId !== NEW && verdicts.data && refused.length === 0 && (
          <>
            <RadioGroup aria-label="Format" value={format} onChange={(_, value) => setFormat(value as HandOverFormat)}>
              {Object.entries(MODEL_WORDS).map(([value, words]) => (
                <FormControlLabel key={value} value={value} control={<Radio size="small" />} label={words} />
              ))}
            </RadioGroup>
            <TextField
              id="hand-over-maps"
              select
              label="Maps"
              value={maps}
              onChange={(event) => setMaps(event.target.value as MapFile)}
              helperText={mapWords[maps].beside}
              fullWidth
            >
              {MapFileSchema.options
                .filter((file) => takesMapFile(format, file))
                .map((file) => (
                  <MenuItem key={file} value={file}>
                    {mapWords[file].name}
                  </MenuItem>
                ))}
            </TextField>
          </>
        )}
        <p className="quiet small">A help to decide, not legal advice.</p>
      </DialogContent>
      <DialogActions sx={{ px: 3, pb: 2 }}>
        <Button onClick={onClose}>Cancel</Button>
        {projectId !== NEW && (
          <Button
            variant="contained"
            onClick={() => pack.mutate(undefined)}
            disabled={!verdicts.data || refused.length > 0}
            loading={pack.isPending}
          >
            {refused.length > 0 ? 'Not with this licence' : 'Hand over'}
          </Button>
        )}
      </DialogActions>
    </Dialog>
  );
}

import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import type { HouseRules } from '@haveld/contract/house-rules';
import { NumberField, Rule } from './rule';

interface RuleProps {
  now: HouseRules;
  onChange: (change: Partial<HouseRules>) => void;
}

/** Rules of judging and of hand-overs: a figure or a word each. */
export function FigureRules({ now, onChange }: RuleProps) {
  return (
    <section>
      <h2>Proposals</h2>
      <Rule rule="sureFrom">
        <NumberField
          id="rule-sure"
          label="per cent"
          value={Math.round(now.sureFrom * 100)}
          from={50}
          to={100}
          onChange={(value) => onChange({ sureFrom: value / 100 })}
        />
      </Rule>
      <Rule rule="takesSure">
        <FormControlLabel
          control={
            <Checkbox checked={now.takesSure} onChange={(event) => onChange({ takesSure: event.target.checked })} />
          }
          label="as soon as a model is on the bench"
        />
      </Rule>
      <Rule rule="pencilFrom">
        <NumberField
          id="rule-pencil"
          label="per cent or more"
          value={Math.round(now.pencilFrom * 100)}
          from={10}
          to={100}
          onChange={(value) => onChange({ pencilFrom: value / 100 })}
        />
      </Rule>
      <Rule rule="mapMemoryBytes">
        <NumberField
          id="rule-memory"
          label="MiB"
          value={Math.round(now.mapMemoryBytes / 2 ** 20)}
          from={1}
          to={16384}
          onChange={(value) => onChange({ mapMemoryBytes: value * 2 ** 20 })}
        />
      </Rule>
      <Rule rule="measures">
        <TextField
          id="rule-measures"
          select
          label="units"
          value={now.measures}
          onChange={(event) => onChange({ measures: event.target.value as HouseRules['measures'] })}
          sx={{ width: 180 }}
        >
          <MenuItem value="metric">metres</MenuItem>
          <MenuItem value="imperial">feet and inches</MenuItem>
        </TextField>
      </Rule>
      <Rule rule="assetName">
        <TextField
          id="rule-asset-name"
          label="pattern of {name}, {thing}, {which}, {material}, {category}"
          value={now.assetName}
          onChange={(event) => onChange({ assetName: event.target.value })}
          helperText="“Dining chair” of oak: {name} is “Dining chair”, {thing} {which} {material} is “Chair dining oak”"
          sx={{ width: 420 }}
        />
      </Rule>
      <h2>Hand-overs</h2>
      <Rule rule="handedOverMapSide">
        <TextField
          id="rule-side"
          select
          label="texels"
          value={now.handedOverMapSide}
          onChange={(event) => onChange({ handedOverMapSide: Number(event.target.value) })}
          sx={{ width: 120 }}
        >
          {[512, 1024, 2048, 4096, 8192].map((side) => (
            <MenuItem key={side} value={side}>
              {side}
            </MenuItem>
          ))}
        </TextField>
      </Rule>
      <Rule rule="mapName">
        <TextField
          id="rule-map-name"
          label="pattern of {asset}, {material}, {role}"
          value={now.mapName}
          onChange={(event) => onChange({ mapName: event.target.value })}
          sx={{ width: 320 }}
        />
      </Rule>
      <h2>Housekeeping</h2>
      <Rule rule="opensOnlyShutIn">
        <FormControlLabel
          control={
            <Checkbox
              checked={now.opensOnlyShutIn}
              onChange={(event) => onChange({ opensOnlyShutIn: event.target.checked })}
            />
          }
          label="open them only in a sandbox"
        />
      </Rule>
      <Rule rule="fetchHosts">
        <TextField
          id="rule-fetch-hosts"
          label="hosts, separated by commas"
          value={now.fetchHosts.join(', ')}
          onChange={(event) => onChange({ fetchHosts: splitHosts(event.target.value) })}
          placeholder="models.example, *.archive.example"
          sx={{ width: 360 }}
        />
      </Rule>
      <Rule rule="fetchBytes">
        <NumberField
          id="rule-fetch-bytes"
          label="MiB"
          value={Math.round(now.fetchBytes / MIB)}
          from={1}
          to={1_000_000}
          onChange={(value) => onChange({ fetchBytes: value * MIB })}
        />
      </Rule>
      <Rule rule="askPagesEvery">
        <NumberField
          id="rule-ask-pages"
          label="days, 0 for never"
          value={now.askPagesEvery}
          from={0}
          to={365}
          onChange={(value) => onChange({ askPagesEvery: value })}
        />
      </Rule>
      <Rule rule="keepDoneWork">
        <NumberField
          id="rule-keep-done"
          label="days"
          value={now.keepDoneWork}
          from={1}
          to={3650}
          onChange={(value) => onChange({ keepDoneWork: value })}
        />
      </Rule>
    </section>
  );
}

const MIB = 1024 * 1024;

/** As it is typed: what is empty yet stays, so that a comma can be. */
const splitHosts = (words: string): string[] =>
  words.trim() === '' ? [] : words.split(',').map((host) => host.trimStart());

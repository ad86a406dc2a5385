import '../rights.css';
import './rules-screen.css';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { saveHouseRules } from '@haveld/contract/api/house';
import { findTreeFault } from '@haveld/contract/category';
import { HOUSE_RULE_FACTS, type HouseRules } from '@haveld/contract/house-rules';
import { HOUSE_STANDINGS, type HouseStanding } from '@haveld/contract/terms';
import { BUILT_IN_BOOK } from '@haveld/core/rights/licence-book';
import { UNKNOWN_LICENCE } from '@haveld/core/rights/licences/standings';
import { call } from '../../../api/client';
import { licencesQuery, houseRulesQuery } from '../../../api/queries';
import { useChange } from '../../../api/use-change';
import { useEdit } from '../../../api/use-edit';
import { LicenceField } from '../../../parts/licence-field';
import { Failure, Loading } from '../../../parts/notice';
import { STANDING_WORDS } from '../../../parts/standing-mark';
import { RightsHead } from '../rights-head';
import { CategoryRules } from './category-rules';
import { FigureRules } from './figure-rules';
import { useMay } from '../../../parts/use-may';

/** Every rule of the house on one page, each with what changes when it does. */
export function RulesScreen() {
  const rules = useQuery(houseRulesQuery);
  if (rules.isPending) return <Loading />;
  if (rules.isLoadingError) return <Failure error={rules.error} onRetry={() => void rules.refetch()} />;
  return <RulesForm rules={rules.data} />;
}

function RulesForm({ rules }: { rules: HouseRules }) {
  const licences = useQuery(licencesQuery);
  const [edited, setNow] = useState<HouseRules | null>(null);
  const now = edited ?? rules;
  const { toSend, tell, isOvertaken } = useEdit(rules, edited !== null);
  const maySave = useMay('curator');
  const save = useChange(
    () =>
      call(saveHouseRules, {
        body: toSend(withoutEmptyLines(now)),
      }),
    { onDone: () => setNow(null), onOvertaken: tell },
  );
  const isChanged = JSON.stringify(now) !== JSON.stringify(rules);
  const lines = (licences.data ?? []).filter(
    ({ terms, count }) =>
      terms.id !== UNKNOWN_LICENCE && (count > 0 || now.standings[terms.id] || COMMON.test(terms.id)),
  );
  return (
    <div className="screen">
      <RightsHead
        title="House rules"
        quiet={maySave ? 'each says what changes when it does' : 'as they stand; a curator changes them'}
      >
        {isOvertaken && <span className="says-look small">Somebody changed the rules meanwhile.</span>}
        {edited && <Button onClick={() => setNow(null)}>Discard my changes</Button>}
        <Button
          variant="contained"
          disabled={!isChanged || !maySave || findTreeFault(now.categories) !== null}
          loading={save.isPending}
          onClick={() => save.mutate(undefined)}
        >
          Save the rules
        </Button>
      </RightsHead>
      <div className="screen-body rules">
        <div>
          <section>
            <h2>{HOUSE_RULE_FACTS.standings.label}</h2>
            <p className="quiet small">{HOUSE_RULE_FACTS.standings.effect}</p>
            <table className="register">
              <tbody>
                {lines.map(({ terms }) => {
                  const standing = now.standings[terms.id] ?? terms.house;
                  const shipped = BUILT_IN_BOOK.isListed(terms.id)
                    ? BUILT_IN_BOOK.getTerms(terms.id).house
                    : terms.house;
                  return (
                    <tr key={terms.id}>
                      <td>{terms.name}</td>
                      <td>
                        <TextField
                          id={`standing-${terms.id}`}
                          select
                          value={standing}
                          slotProps={{ select: { inputProps: { 'aria-label': `The house and ${terms.name}` } } }}
                          onChange={(event) => {
                            const { [terms.id]: _before, ...others } = now.standings;
                            const picked = event.target.value as HouseStanding;
                            setNow({
                              ...now,
                              standings: picked === shipped ? others : { ...others, [terms.id]: picked },
                            });
                          }}
                          sx={{ width: 250 }}
                        >
                          {HOUSE_STANDINGS.map((each) => (
                            <MenuItem key={each} value={each}>
                              {STANDING_WORDS[each]}
                            </MenuItem>
                          ))}
                        </TextField>{' '}
                        {standing !== shipped && (
                          <span className="says-look small">as shipped: {STANDING_WORDS[shipped]}</span>
                        )}
                      </td>
                    </tr>
                  );
                })}
              </tbody>
            </table>
          </section>
          <CategoryRules now={now} onChange={(change) => setNow({ ...now, ...change })} />
        </div>
        <div>
          <FigureRules now={now} onChange={(change) => setNow({ ...now, ...change })} />
          <section>
            <h2>Evidence and second person</h2>
            <CheckRule rule="evidenceRequired" now={now} onChange={setNow} />
            <CheckRule rule="secondPerson" now={now} onChange={setNow} />
            <TextField
              id="house-name"
              label={HOUSE_RULE_FACTS.houseName.label}
              helperText={HOUSE_RULE_FACTS.houseName.effect}
              value={now.houseName}
              onChange={(event) => setNow({ ...now, houseName: event.target.value })}
              fullWidth
              sx={{ mt: 2 }}
            />
            <h2>{HOUSE_RULE_FACTS.sourceDefaults.label}</h2>
            <p className="quiet small">{HOUSE_RULE_FACTS.sourceDefaults.effect}</p>
            {now.sourceDefaults.map((line, i) => (
              <div key={i} className="rights-form source-default">
                <TextField
                  id={`default-source-${i}`}
                  label="Source"
                  placeholder="quayside-models.example"
                  value={line.source}
                  onChange={(event) =>
                    setNow({
                      ...now,
                      sourceDefaults: now.sourceDefaults.map((one, at) =>
                        at === i ? { ...one, source: event.target.value } : one,
                      ),
                    })
                  }
                />
                <Button
                  sx={{ justifySelf: 'start', alignSelf: 'end' }}
                  onClick={() => setNow({ ...now, sourceDefaults: now.sourceDefaults.filter((_, at) => at !== i) })}
                >
                  Remove
                </Button>
                <LicenceField
                  id={`default-licence-${i}`}
                  value={line.licenceId}
                  onChange={(licenceId) =>
                    setNow({
                      ...now,
                      sourceDefaults: now.sourceDefaults.map((one, at) => (at === i ? { ...one, licenceId } : one)),
                    })
                  }
                />
              </div>
            ))}
            <Button
              onClick={() =>
                setNow({
                  ...now,
                  sourceDefaults: [...now.sourceDefaults, { source: '', licenceId: 'CC-BY-4.0', statedGrant: '' }],
                })
              }
            >
              Another source
            </Button>
          </section>
        </div>
      </div>
    </div>
  );
}

/** What was begun and says nothing is left out. */
const withoutEmptyLines = (rules: HouseRules): HouseRules => ({
  ...rules,
  sourceDefaults: rules.sourceDefaults.filter(({ source }) => source.trim() !== ''),
  categories: rules.categories.map((node) => ({ ...node, words: node.words.filter((word) => word.trim() !== '') })),
});

/** Shown even where nothing stands under them. */
const COMMON =
  /^(CC0-1\.0|CC-BY(-SA|-NC|-ND)*-4\.0|LAL-1\.3|MIT|GPL-3\.0-or-later|LicenseRef-(own-work|editorial|quayside-standard))$/;

/** A rule that holds or does not, with what changes when it does. */
function CheckRule({
  rule,
  now,
  onChange,
}: {
  rule: 'evidenceRequired' | 'secondPerson';
  now: HouseRules;
  onChange: (rules: HouseRules) => void;
}) {
  const { label, effect } = HOUSE_RULE_FACTS[rule];
  return (
    <div className="rule">
      <FormControlLabel
        label={label}
        control={
          <Checkbox checked={now[rule]} onChange={(event) => onChange({ ...now, [rule]: event.target.checked })} />
        }
      />
      <p className="quiet small">{effect}</p>
    </div>
  );
}

import Autocomplete from '@mui/material/Autocomplete';
import TextField from '@mui/material/TextField';
import { useRef } from 'react';
import { isExpression } from '@haveld/core/rights/expression';
import { licenceWords } from '@haveld/core/rights/licence-book';
import { matchLicences } from '@haveld/core/rights/licences/match-licences';
import { useBook } from './use-book';

/** A licence by its name, or an SPDX expression such as `MIT OR CC-BY-4.0`. */
export function LicenceField({
  id,
  value,
  onChange,
  label = 'Licence',
}: {
  id: string;
  value: string;
  onChange: (licenceId: string) => void;
  label?: string;
}) {
  const book = useBook();
  const options = book.list().map((terms) => terms.id);
  const words = (licenceId: string): string =>
    book.isListed(licenceId)
      ? book.getTerms(licenceId).name
      : isExpression(licenceId)
        ? licenceWords(book, licenceId)
        : licenceId;
  const valid = isExpression(value);
  const isListOpen = useRef(false);
  return (
    <Autocomplete
      id={id}
      className="wide"
      sx={{
        // as high as every other field
        '& .MuiAutocomplete-inputRoot.MuiOutlinedInput-root': { p: '0 30px 0 0' },
        '& .MuiOutlinedInput-root .MuiAutocomplete-input': { p: '8px 10px' },
      }}
      freeSolo
      selectOnFocus
      handleHomeEndKeys
      options={options}
      value={value}
      getOptionLabel={words}
      filterOptions={(all, { inputValue }) =>
        matchLicences(
          all.map((option) => ({ id: option, name: words(option) })),
          inputValue,
        ).map((licence) => licence.id)
      }
      onChange={(_, next) =>
        onChange(typeof next === 'string' ? (options.find((option) => words(option) === next) ?? next.trim()) : '')
      }
      onOpen={() => void (isListOpen.current = true)}
      onClose={() => void (isListOpen.current = false)}
      onKeyDown={(event) => {
        // Enter in the list chooses; it must not send the form with what stood there before
        if (event.key === 'Enter' && isListOpen.current) event.preventDefault();
      }}
      onBlur={(event) => {
        const typed = (event.target as HTMLInputElement).value.trim();
        if (typed !== '' && typed !== words(value))
          onChange(
            options.find(
              (option) =>
                words(option).toLowerCase() === typed.toLowerCase() || option.toLowerCase() === typed.toLowerCase(),
            ) ?? typed,
          );
      }}
      renderOption={(props, option) => (
        <li {...props} key={option}>
          <span>
            {words(option)} <span className="mono quiet">{option.replace(/^LicenseRef-/, '')}</span>
          </span>
        </li>
      )}
      renderInput={(params) => (
        <TextField
          {...params}
          label={label}
          error={value !== '' && !valid}
          helperText={
            value !== '' && !valid
              ? 'Neither a licence of the list nor an SPDX expression such as MIT OR CC-BY-4.0.'
              : undefined
          }
        />
      )}
    />
  );
}

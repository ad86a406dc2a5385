import './underlined.css';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { useState } from 'react';

interface Option {
  value: string;
  label: string;
  count?: number;
  /** How far it stands to the right: below one it belongs to. */
  depth?: number;
}

/** A word of a sentence that opens its choices, each with its count where one is known. */
export function Underlined({
  name,
  label,
  value,
  options,
  onChoose,
}: {
  name: string;
  label: string;
  value: string;
  options: Option[];
  onChoose: (value: string) => void;
}) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  return (
    <>
      <button
        type="button"
        className="underlined"
        aria-haspopup="menu"
        aria-expanded={anchor !== null}
        aria-label={`${name}: ${label}`}
        onClick={(event) => setAnchor(event.currentTarget)}
      >
        {label}
      </button>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        {options.map((option) => (
          <MenuItem
            key={option.value}
            selected={option.value === value}
            sx={option.depth ? { pl: 2 + option.depth * 2 } : undefined}
            onClick={() => {
              setAnchor(null);
              onChoose(option.value);
            }}
          >
            {option.label} {option.count !== undefined && <span className="mono quiet">{option.count}</span>}
          </MenuItem>
        ))}
      </Menu>
    </>
  );
}

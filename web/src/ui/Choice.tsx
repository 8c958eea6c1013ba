import { MenuItem, TextField } from '@mui/material';

/** A word to choose, or a value with the word the person sees. */
export type Choosable = string | { value: string; label: string };

interface Props {
  label: string;
  value: string;
  options: readonly Choosable[];
  onChange: (value: string) => void;
  width: number;
  /** What the empty value is called; without it a value must be chosen. */
  empty?: string;
  required?: boolean;
}

/** A small field with a fixed list of answers. */
export function Choice({ label, value, options, onChange, width, empty, required }: Props) {
  return (
    <TextField
      select
      required={required}
      size="small"
      label={label}
      sx={{ minWidth: width }}
      value={value}
      onChange={(e) => onChange(e.target.value)}
    >
      {empty !== undefined && <MenuItem value="">{empty}</MenuItem>}
      {options.map((o) => {
        const option = typeof o === 'string' ? { value: o, label: o } : o;
        return (
          <MenuItem key={option.value} value={option.value}>
            {option.label}
          </MenuItem>
        );
      })}
    </TextField>
  );
}

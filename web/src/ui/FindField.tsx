import { TextField } from '@mui/material';

interface Props {
  label: string;
  example: string;
  value: string;
  onChange: (typed: string) => void;
}

/** The field over a long list; what is typed narrows it. */
export function FindField({ label, example, value, onChange }: Props) {
  return (
    <TextField
      autoFocus
      label={label}
      placeholder={example}
      size="small"
      sx={{ width: 320 }}
      value={value}
      onChange={(e) => onChange(e.target.value)}
    />
  );
}

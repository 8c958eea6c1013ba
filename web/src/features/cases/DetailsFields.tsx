import {
  Autocomplete,
  Box,
  MenuItem,
  Stack,
  TextField,
  ToggleButton,
  ToggleButtonGroup,
} from '@mui/material';
import type { Place } from '../../api/client';
import { usePlaces } from '../../api/queries';
import { feet } from '../../ui/words';
import { altitudeError, type DetailsDraft } from './details';

interface Props {
  draft: DetailsDraft;
  onChange: (draft: DetailsDraft) => void;
}

const span = (p: Place) => `${p.lowestFeet.toLocaleString('en-US')} to ${feet(p.highestFeet)}`;

/** Who asks, from where, with which canner, and whether there are jars already. */
export function DetailsFields({ draft, onChange }: Props) {
  const places = usePlaces(draft.place);
  const set = (part: Partial<DetailsDraft>) => onChange({ ...draft, ...part });
  const error = altitudeError(draft);
  const known = places.data?.find((p) => p.name === draft.place);
  return (
    <Stack spacing={2}>
      <TextField
        label="Canner's name"
        value={draft.cannerName}
        onChange={(e) => set({ cannerName: e.target.value })}
        slotProps={{ htmlInput: { maxLength: 120 } }}
      />
      <TextField
        label="Mail address or telephone"
        value={draft.contact}
        onChange={(e) => set({ contact: e.target.value })}
        slotProps={{ htmlInput: { maxLength: 200 } }}
      />
      <Autocomplete
        freeSolo
        options={places.data ?? []}
        getOptionLabel={(p) => (typeof p === 'string' ? p : p.name)}
        filterOptions={(options) => options}
        inputValue={draft.place}
        onInputChange={(_, value) => set({ place: value })}
        onChange={(_, value) => {
          if (value && typeof value !== 'string') {
            // the highest kitchen in the place is the safe one
            set({ place: value.name, altitude: String(value.highestFeet), unit: 'ft' });
          }
        }}
        renderOption={({ key, ...props }, p) => (
          <li key={key} {...props}>
            <Box component="span" sx={{ flex: 1 }}>
              {p.name}
            </Box>
            <Box component="span" sx={{ color: 'text.secondary', ml: 2 }}>
              {span(p)}
            </Box>
          </li>
        )}
        renderInput={(params) => (
          <TextField
            {...params}
            label="Place"
            helperText={known ? `${known.name} lies at ${span(known)}; the highest counts.` : ' '}
          />
        )}
      />
      <Stack direction="row" spacing={1} sx={{ alignItems: 'flex-start' }}>
        <TextField
          label="Altitude"
          value={draft.altitude}
          onChange={(e) => set({ altitude: e.target.value })}
          error={error !== null}
          helperText={error ?? 'Leave empty if nobody said'}
          sx={{ flex: 1 }}
          slotProps={{ htmlInput: { inputMode: 'numeric' } }}
        />
        <ToggleButtonGroup
          exclusive
          value={draft.unit}
          onChange={(_, unit: 'ft' | 'm' | null) => unit && set({ unit })}
          aria-label="Unit of the altitude"
          sx={{ height: 56 }}
        >
          <ToggleButton value="ft">ft</ToggleButton>
          <ToggleButton value="m">m</ToggleButton>
        </ToggleButtonGroup>
      </Stack>
      <TextField
        select
        label="Answer in"
        value={draft.language}
        onChange={(e) => set({ language: e.target.value as DetailsDraft['language'] })}
      >
        <MenuItem value="EN">English</MenuItem>
        <MenuItem value="ES">Spanish</MenuItem>
      </TextField>
      <TextField select label="Canner" value={draft.canner} onChange={(e) => set({ canner: e.target.value })}>
        <MenuItem value="">not said, or as in the text</MenuItem>
        <MenuItem value="BOILING_WATER">Boiling-water canner</MenuItem>
        <MenuItem value="STEAM">Steam canner</MenuItem>
        <MenuItem value="PRESSURE_WEIGHTED">Pressure canner, weighted gauge</MenuItem>
        <MenuItem value="PRESSURE_DIAL">Pressure canner, dial gauge</MenuItem>
      </TextField>
      <TextField
        select
        label="Jars"
        value={draft.jars}
        onChange={(e) => set({ jars: e.target.value as DetailsDraft['jars'] })}
      >
        <MenuItem value="NOT_YET">Not made yet</MenuItem>
        <MenuItem value="MADE">Made</MenuItem>
        <MenuItem value="OPENED">Opened or eaten from</MenuItem>
      </TextField>
      {draft.jars === 'MADE' && (
        <TextField
          label="Jars came out of the canner"
          type="datetime-local"
          value={draft.jarsOut}
          onChange={(e) => set({ jarsOut: e.target.value })}
          helperText="Unknown counts as more than 24 hours ago"
          slotProps={{ inputLabel: { shrink: true } }}
        />
      )}
    </Stack>
  );
}

import { say } from '@/core/words/say';
import Autocomplete from '@mui/material/Autocomplete';
import TextField from '@mui/material/TextField';
import type { FilterOption } from './filter';

/** Shows only what has to do with a person, an oven, a tin, an order or a day. */
export function FilterField({
  options,
  chosen,
  onChoose,
  begun = false,
}: {
  options: FilterOption[];
  chosen: string[];
  onChoose: (keys: string[]) => void;
  /** Somebody has just asked for it: it is opened. */
  begun?: boolean;
}) {
  return (
    <Autocomplete
      multiple
      openOnFocus
      size="small"
      limitTags={2}
      options={options}
      groupBy={(o) => o.group}
      getOptionKey={(o) => o.key}
      value={options.filter((o) => chosen.includes(o.key))}
      isOptionEqualToValue={(a, b) => a.key === b.key}
      onChange={(_, value) => onChoose(value.map((o) => o.key))}
      sx={{ width: 250, '& input:focus-visible': { outline: 'none' } }}
      renderInput={(params) => (
        <TextField
          {...params}
          autoFocus={begun}
          placeholder={chosen.length === 0 ? say`Show only…` : ''}
          aria-label={say`Show only`}
        />
      )}
    />
  );
}

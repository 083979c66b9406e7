'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Papa from 'papaparse';
import { useRef, useState } from 'react';
import { counted } from '@/core/measure/counted';
import type { TableView } from '@/server/tables/tables';
import { useInKitchen } from '../kitchens/in-kitchen';
import { ChooseFile } from '../parts/choose-file';
import { Page } from '../parts/page';
import { EDITED, TABLES } from './table-names';
import { TableFiles } from './tables-section';
import { TakeTable } from './take-table';

/** More rows than these are not laid out; the file has them all. */
const SHOWN = 300;

/** A list of the kitchen as a table: read, edited in its cells, copied out, pasted in. */
export function TablePage({ view }: { view: TableView }) {
  const within = useInKitchen();
  const [editing, setEditing] = useState(false);
  const [pasted, setPasted] = useState('');
  const [copied, setCopied] = useState<'done' | 'refused' | null>(null);
  /** Cells that were typed in, by row and column. */
  const typed = useRef(new Map<number, Record<string, string>>());
  const [changed, setChanged] = useState<string | null>(null);
  const names = view.columns.map((c) => c.name);
  const { name, about } = TABLES[view.name];
  const type = (row: number, column: string, text: string) => {
    const cells = { ...typed.current.get(row), [column]: text };
    typed.current.set(row, cells);
    const rows = [...typed.current].sort(([a], [b]) => a - b).map(([i, own]) => ({ ...view.rows[i], ...own }));
    setChanged(Papa.unparse(rows, { columns: names }));
  };
  const done = () => {
    typed.current.clear();
    setChanged(null);
    setEditing(false);
    setPasted('');
  };
  const copy = async () => {
    const text = Papa.unparse(
      view.rows.map((r) => names.map((n) => r[n] ?? '')),
      { delimiter: '\t' },
    );
    try {
      await navigator.clipboard.writeText(`${names.join('\t')}\n${text}`);
      setCopied('done');
    } catch {
      // Browsers let nothing be copied from an address without https.
      setCopied('refused');
    }
  };
  return (
    <Page title={say`${name} as a table`} detail={about}>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mb: 1 }}>
        {EDITED.includes(view.name) && (
          <Button variant="outlined" color="secondary" disabled={editing} onClick={() => setEditing(true)}>
            {say`Edit in the cells`}
          </Button>
        )}
        <Button color="secondary" onClick={() => void copy()}>
          {copied === 'done' ? say`Copied` : say`Copy the table`}
        </Button>
        <TableFiles table={view.name} within={within} />
      </Box>
      {copied === 'refused' && <p role="alert">{say`This browser does not let it be copied here: save it as CSV.`}</p>}
      {view.rows.length === 0 ? (
        <p>{say`There is nothing in it yet. The template shows how it is filled in.`}</p>
      ) : (
        <div className="zl-list-table" role="region" aria-label={say`${name} as a table`} tabIndex={0}>
          <table>
            <thead>
              <tr>
                {view.columns.map((c) => (
                  <th key={c.name} scope="col" title={c.about}>
                    {c.name}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {view.rows.slice(0, SHOWN).map((row, i) => (
                <tr key={i}>
                  {names.map((n, k) => (
                    <td key={n}>
                      {editing && k > 0 ? (
                        <input
                          defaultValue={row[n] ?? ''}
                          size={Math.min(28, Math.max(6, (row[n] ?? '').length))}
                          aria-label={`${row[names[0]!] ?? ''}, ${n}`}
                          onChange={(e) => type(i, n, e.target.value)}
                        />
                      ) : (
                        row[n]
                      )}
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
      {view.rows.length > SHOWN && (
        <p>{say`These are the first ${SHOWN} of ${counted(view.rows.length, 'line')}; the file has all of them.`}</p>
      )}
      {editing ? (
        <TakeTable table={view.name} text={changed} onTaken={done} onLeft={done} key="typed" />
      ) : (
        <Box component="section" aria-label={say`Bring in`} sx={{ mt: 4, maxWidth: 860 }}>
          <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 0.5 }}>{say`Bring in`}</Box>
          <TextField
            label={say`Lines of a table, with the names of the columns in the first`}
            placeholder={names.join('\t')}
            value={pasted}
            onChange={(e) => setPasted(e.target.value)}
            multiline
            minRows={4}
            maxRows={14}
            fullWidth
            slotProps={{ inputLabel: { shrink: true } }}
          />
          <Box sx={{ mt: 1 }}>
            <ChooseFile
              label={say`Choose a CSV file`}
              what={say`A CSV file`}
              accept=".csv,.tsv,.txt,text/csv"
              onChosen={(file) => void file.text().then(setPasted)}
            />
          </Box>
          <TakeTable table={view.name} text={pasted.trim() === '' ? null : pasted} onTaken={done} key="pasted" />
          <Box component="details" sx={{ mt: 2 }}>
            <summary>{say`What stands in each column`}</summary>
            <dl className="zl-column-words">
              {view.columns.map((c) => (
                <div key={c.name}>
                  <dt>{c.name}</dt>
                  <dd>{c.about}</dd>
                </div>
              ))}
            </dl>
          </Box>
        </Box>
      )}
    </Page>
  );
}

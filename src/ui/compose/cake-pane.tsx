'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { pieceWrong } from '@/core/compose/problems-at';
import { pieceCalled } from '@/core/compose/called';
import type { Allergen } from '@/core/formula/formula';
import { say } from '@/core/words/say';
import { AddWork } from './add-work';
import { sumsLine } from './answer-foot';
import { PlacesList } from './places-list';
import { SectionEditor } from './section-editor';
import type { Composed } from './use-composed';

interface CakePaneProps {
  composed: Composed;
  avoid: readonly Allergen[];
  /** The day by which something is usually agreed, ISO. */
  agreeBy: string;
  /** What is known of its cost. */
  cost: string | null;
}

/** The cake cut open, all that is on it as a list, and the work that can be added to it. */
export function CakePane({ composed, avoid, agreeBy, cost }: CakePaneProps) {
  const { design, change, place, choose, reckoned, kitchen } = composed;
  const { sums } = reckoned;
  if (!sums || !kitchen)
    return <Box sx={{ color: 'var(--zl-muted)', py: 6, textAlign: 'center' }}>{say`Cutting it open…`}</Box>;
  return (
    <>
      <SectionEditor
        pieces={sums.pieces}
        chosen={place}
        ms={reckoned.ms}
        nameOf={(key) => pieceCalled(key, design)}
        wrong={reckoned.problems.map((p) => pieceWrong(p, design))}
        onChoose={choose}
        onDrag={composed.thicker}
      />
      <Box className="zl-compose-sums-narrow" sx={{ color: 'var(--zl-muted)', fontSize: 14, mb: 1 }}>
        {sumsLine(sums, cost)}
      </Box>
      <PlacesList
        design={design}
        sums={sums}
        blocks={kitchen.blocks}
        chosen={place}
        onChoose={choose}
        onThicker={(at, by) => composed.thicker(at, composed.thicknessOf(at), by, false)}
        onTakeOut={composed.takeOut}
      />
      <AddWork
        design={design}
        kitchen={kitchen}
        avoid={avoid}
        change={change}
        agreeBy={agreeBy}
        onAdded={(block, take) => choose({ on: 'block', block, take })}
      />
    </>
  );
}

/** What can be done on the cake, and back and forth in what was done. */
export function CakeHead({ composed }: { composed: Composed }) {
  const { undo, redo, canUndo, canRedo } = composed;
  return (
    <>
      <Box sx={{ color: 'var(--zl-muted)', fontSize: 14, flex: '1 1 200px' }}>
        {say`Cut open, to scale. Touch a layer, a gap, a coat, a tier; drag the edge of what is chosen.`}
      </Box>
      <Button color="secondary" size="small" disabled={!canUndo} onClick={undo}>{say`Undo`}</Button>
      <Button color="secondary" size="small" disabled={!canRedo} onClick={redo}>{say`Redo`}</Button>
    </>
  );
}

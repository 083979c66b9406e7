'use client';

import { say, term } from '@/core/words/say';
import { waitingPlace } from '@/core/kinds/places';
import { closestCenter, DndContext, KeyboardSensor, PointerSensor, useSensor, useSensors } from '@dnd-kit/core';
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import Close from '@mui/icons-material/Close';
import DragIndicator from '@mui/icons-material/DragIndicator';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import { useId, useState } from 'react';
import { useFieldArray, useWatch, type Control } from 'react-hook-form';
import type { FormulaForm } from '@/core/input/formula-input';
import { NO_WAIT } from '@/core/input/formula-step-input';
import { placeLook } from '../ladder/places';
import { FormText } from '../parts/form-text';
import { StepMore } from './step-more';
import { moreIn } from './more-in';
import { WaitFields } from './wait-fields';

interface StepLadderProps {
  control: Control<FormulaForm>;
  ids: string[];
  skills: string[];
  machines: readonly string[];
  places: readonly string[];
  nameOf: (index: number) => string;
  onMove: (from: number, to: number) => void;
  onRemove: (index: number) => void;
}

/** The steps as a small ladder: rungs to be moved by hand or by keys, each with the wait that comes before it. */
export function StepLadder({ control, ids, skills, machines, places, nameOf, onMove, onRemove }: StepLadderProps) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const place = (id: string | number) => ids.indexOf(String(id));
  const said = (id: string | number) => `“${nameOf(place(id)) || say`the new step`}”`;
  // Server and browser must count alike.
  const own = useId();
  return (
    <DndContext
      id={own}
      sensors={sensors}
      collisionDetection={closestCenter}
      accessibility={{
        announcements: {
          onDragStart: ({ active }) => say`Picked up ${said(active.id)}.`,
          onDragOver: ({ active, over }) =>
            over ? say`${said(active.id)} is now at place ${place(over.id) + 1} of ${ids.length}.` : undefined,
          onDragEnd: ({ active, over }) =>
            over ? say`${said(active.id)} was put at place ${place(over.id) + 1}.` : undefined,
          onDragCancel: ({ active }) => say`${said(active.id)} stays where it was.`,
        },
      }}
      onDragEnd={({ active, over }) => {
        if (over && active.id !== over.id) onMove(place(active.id), place(over.id));
      }}
    >
      <SortableContext items={ids} strategy={verticalListSortingStrategy}>
        <Box component="ol" sx={{ listStyle: 'none', m: 0, mb: 1.5, p: 0 }}>
          {ids.map((id, i) => (
            <StepRung
              key={id}
              id={id}
              index={i}
              control={control}
              {...{ skills, machines, places }}
              onRemove={() => onRemove(i)}
            />
          ))}
        </Box>
      </SortableContext>
    </DndContext>
  );
}

interface StepRungProps {
  id: string;
  index: number;
  control: Control<FormulaForm>;
  skills: string[];
  machines: readonly string[];
  places: readonly string[];
  onRemove: () => void;
}

function StepRung({ id, index: i, control, skills, machines, places, onRemove }: StepRungProps) {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } = useSortable({
    id,
  });
  const step = useWatch({ control, name: `steps.${i}` });
  const { work, name } = step;
  const [open, setOpen] = useState(false);
  const said = moreIn(step);
  return (
    <Box
      component="li"
      ref={setNodeRef}
      style={{ transform: CSS.Transform.toString(transform && { ...transform, scaleY: 1, scaleX: 1 }), transition }}
      sx={{ position: 'relative', zIndex: isDragging ? 2 : 'auto', opacity: isDragging ? 0.9 : 1 }}
    >
      {i > 0 && <WaitAbove control={control} index={i} places={places} />}
      <Box
        sx={{
          p: 1.5,
          pb: 0,
          border: '1px solid var(--zl-line)',
          borderLeft: `8px solid var(--zl-${work === 'hands' ? 'zest' : work === 'oven' ? 'oven' : 'muted'})`,
          borderRadius: 1.5,
          bgcolor: 'var(--zl-card)',
        }}
      >
        <Box sx={{ display: 'flex', gap: 1, alignItems: 'flex-start', flexWrap: { xs: 'wrap', sm: 'nowrap' } }}>
          <IconButton
            ref={setActivatorNodeRef}
            {...attributes}
            {...listeners}
            aria-label={say`Move step ${i + 1}${name ? `, ${name}` : ''}`}
            sx={{ width: 44, height: 44, cursor: 'grab', touchAction: 'none' }}
          >
            <DragIndicator />
          </IconButton>
          <Box sx={{ flex: '3 1 180px' }}>
            <FormText control={control} name={`steps.${i}.name`} label={say`Step`} />
          </Box>
          <Box sx={{ flex: '1 1 110px' }}>
            <FormText
              control={control}
              name={`steps.${i}.work`}
              label={say`Done by`}
              options={['hands', 'oven', 'machine'].map((w) => ({ value: w, name: term(w) }))}
            />
          </Box>
          {work === 'hands' && (
            <Box sx={{ flex: '1 1 110px' }}>
              <FormText
                control={control}
                name={`steps.${i}.skill`}
                label={say`Skill`}
                options={['', ...skills].map((s) => ({ value: s, name: s || say`anyone` }))}
              />
            </Box>
          )}
          {work === 'oven' && (
            <Box sx={{ flex: '1 1 90px' }}>
              <FormText control={control} name={`steps.${i}.celsius`} label="°C" number />
            </Box>
          )}
          <IconButton aria-label={say`Take step ${i + 1} out`} onClick={onRemove} sx={{ width: 44, height: 44 }}>
            <Close />
          </IconButton>
        </Box>
        <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr 1fr 1fr', md: '90px 90px 90px 1fr 1fr' }, gap: 1 }}>
          <FormText control={control} name={`steps.${i}.low`} label={say`At least`} number />
          <FormText control={control} name={`steps.${i}.likely`} label={say`Likely, min`} number />
          <FormText control={control} name={`steps.${i}.high`} label={say`At most`} number />
          <Box sx={{ gridColumn: { xs: '1 / -1', md: 'auto' } }}>
            <FormText control={control} name={`steps.${i}.sign`} label={say`Until (sign)`} />
          </Box>
          <Box sx={{ gridColumn: { xs: '1 / -1', md: 'auto' } }}>
            <FormText control={control} name={`steps.${i}.caution`} label={say`Caution`} />
          </Box>
        </Box>
        <FormText control={control} name={`steps.${i}.how`} label={say`How`} multiline />
        <Button
          color="secondary"
          aria-expanded={open}
          onClick={() => setOpen(!open)}
          sx={{ mb: 1, textAlign: 'left', justifyContent: 'flex-start' }}
        >
          {open
            ? say`Less of this step`
            : said.length === 0
              ? say`More of this step: machines, checks, reminders…`
              : say`More of this step: ${said.join(', ')}`}
        </Button>
        {open && <StepMore control={control} index={i} machines={machines} places={places} />}
      </Box>
    </Box>
  );
}

/** The wait between a step and the one above it; a step that begins by itself has none. */
function WaitAbove({
  control,
  index: i,
  places,
}: {
  control: Control<FormulaForm>;
  index: number;
  places: readonly string[];
}) {
  const { prepend, remove } = useFieldArray({ control, name: `steps.${i}.waits` });
  const steps = useWatch({ control, name: 'steps' });
  const { waits, key } = steps[i]!;
  const other = key === '' ? undefined : steps.slice(0, i).find((s) => s.key === key);
  if (other)
    return (
      <Box sx={{ ml: 3, my: 0.75, color: 'var(--zl-muted)', fontSize: 14 }}>
        {say`Done in the place of “${other.name}”, and waits as that one does.`}
      </Box>
    );
  const at = waits.findIndex((w) => w.from === '');
  if (at < 0)
    return (
      <Box sx={{ display: 'flex', gap: 1, ml: 3, my: 0.75, alignItems: 'center', flexWrap: 'wrap' }}>
        <Box sx={{ color: 'var(--zl-muted)', fontSize: 14 }}>
          {waits.length > 0
            ? say`Begins after other steps, not after the one above.`
            : say`Begins by itself: it may be done beside the ones above.`}
        </Box>
        <Button color="secondary" onClick={() => prepend(NO_WAIT)}>
          {say`After the one above`}
        </Button>
      </Box>
    );
  return (
    <Box sx={{ display: 'flex', gap: 1, ml: 3, my: 0.75, alignItems: 'stretch' }}>
      <Box
        aria-hidden
        {...placeLook(waitingPlace(waits[at]!.place))}
        sx={{ width: 12, borderRadius: '2px', flex: '0 0 auto', mb: 1 }}
      />
      <WaitFields control={control} step={i} wait={at} places={places} />
      <Button color="secondary" sx={{ alignSelf: 'flex-start' }} onClick={() => remove(at)}>
        {say`Begins by itself`}
      </Button>
    </Box>
  );
}

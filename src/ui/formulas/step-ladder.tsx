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
import IconButton from '@mui/material/IconButton';
import { useId } from 'react';
import { useWatch, type Control } from 'react-hook-form';
import { WAIT_PLACES, type FormulaForm } from '@/core/input/formula-input';
import { placeLook } from '../ladder/places';
import { FormText } from './form-text';

interface StepLadderProps {
  control: Control<FormulaForm>;
  ids: string[];
  skills: string[];
  nameOf: (index: number) => string;
  onMove: (from: number, to: number) => void;
  onRemove: (index: number) => void;
}

/** The steps as a small ladder: rungs to be moved by hand or by keys, each with the wait that follows it. */
export function StepLadder({ control, ids, skills, nameOf, onMove, onRemove }: StepLadderProps) {
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
              last={i === ids.length - 1}
              control={control}
              skills={skills}
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
  last: boolean;
  control: Control<FormulaForm>;
  skills: string[];
  onRemove: () => void;
}

function StepRung({ id, index: i, last, control, skills, onRemove }: StepRungProps) {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } = useSortable({
    id,
  });
  const [work, name, where] = useWatch({
    control,
    name: [`steps.${i}.work`, `steps.${i}.name`, `steps.${i}.waitPlace`],
  });
  return (
    <Box
      component="li"
      ref={setNodeRef}
      style={{ transform: CSS.Transform.toString(transform && { ...transform, scaleY: 1, scaleX: 1 }), transition }}
      sx={{ position: 'relative', zIndex: isDragging ? 2 : 'auto', opacity: isDragging ? 0.9 : 1 }}
    >
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
      </Box>
      {!last && (
        <Box sx={{ display: 'flex', gap: 1, ml: 3, my: 0.75, alignItems: 'stretch' }}>
          <Box
            aria-hidden
            {...placeLook(waitingPlace(where))}
            sx={{ width: 12, borderRadius: '2px', flex: '0 0 auto', mb: 1 }}
          />
          <Box
            sx={{
              display: 'grid',
              gridTemplateColumns: { xs: '1fr 1fr', sm: '100px 100px 120px 1fr' },
              gap: 1,
              flex: 1,
            }}
          >
            <FormText control={control} name={`steps.${i}.waitMin`} label={say`Wait, min`} number />
            <FormText control={control} name={`steps.${i}.waitMax`} label={say`at most`} number />
            <FormText
              control={control}
              name={`steps.${i}.waitPlace`}
              label={say`Where`}
              options={WAIT_PLACES.map((p) => ({ value: p, name: term(p || 'bench') }))}
            />
            <FormText control={control} name={`steps.${i}.waitWhy`} label={say`Why`} />
          </Box>
        </Box>
      )}
    </Box>
  );
}

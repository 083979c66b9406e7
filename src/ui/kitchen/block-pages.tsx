'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useFieldArray, useWatch } from 'react-hook-form';
import { blockForm, blockFormOf, EMPTY_STAGE, standsBetween, standsOn, type BlockForm } from '@/core/input/block-input';
import { durationText } from '@/core/time/duration-text';
import { counted } from '@/core/measure/counted';
import { say, term } from '@/core/words/say';
import type { KitchenSections, ShownBlock } from '@/server/kitchen/kitchen-sections';
import { saveBlockAction } from '../actions';
import { KitchenLink } from '../kitchens/kitchen-link';
import { Fold } from '../parts/fold';
import { FormCheck } from '../parts/form-check';
import { FormText } from '../parts/form-text';
import { Page } from '../parts/page';
import { useEntryForm } from '../parts/use-entry-form';
import { StageFields } from './block-stage-fields';
import { StandFields } from './block-stand-fields';
import { WayFields } from './block-way-fields';
import { EntryPage } from './entry-page';

const PLACE = '/kitchen/work';

/** All that is done to cakes here, in the order in which it is done. */
export function BlocksSection({ view }: { view: KitchenSections }) {
  const here = view.blocks.filter((b) => b.retiredAt === null);
  const retired = view.blocks.filter((b) => b.retiredAt !== null);
  return (
    <Page
      title={say`Work on cakes`}
      detail={say`What is done to a cake from levelling to the box: how long it takes here, who does it, how the cake must stand before and after. What ships can be made your own; new work is made like another.`}
    >
      <Cards blocks={here} />
      {retired.length > 0 && (
        <Fold title={say`Out of use: ${retired.length}`}>
          <Cards blocks={retired} />
        </Fold>
      )}
    </Page>
  );
}

const Cards = ({ blocks }: { blocks: readonly ShownBlock[] }) => (
  <ul className="zl-cards">
    {blocks.map(({ block, is, touches, retiredAt }) => (
      <li key={block.id}>
        <KitchenLink
          href={`${PLACE}/${block.id}`}
          className="zl-card"
          data-retired={retiredAt === null ? undefined : ''}
        >
          <h2>{block.name}</h2>
          <div>{block.story}</div>
          <div style={{ color: 'var(--zl-muted)', fontSize: 14 }}>
            {[
              ...(is === 'shipped' ? [] : [is === 'own' ? say`your own` : say`your own version`]),
              ...block.stages.map((s) => durationText(s.minutes.likely)),
              ...[...new Set(block.stages.flatMap((s) => s.skill ?? []))].map((s) => term(s)),
              ...(touches > 0 ? [counted(touches, 'open order')] : []),
            ].join(' · ')}
          </div>
        </KitchenLink>
      </li>
    ))}
  </ul>
);

/** One kind of work: what ships, to be made the kitchen’s own, its own, or a new one like another. */
export function BlockPage({ view, id, like }: { view: KitchenSections; id: string | null; like: string | null }) {
  const shown = view.blocks.find((b) => b.block.id === (id ?? like))!;
  const { block, is, version, retiredAt, touches } = shown;
  const laidOut = blockFormOf(block);
  const form = useEntryForm<BlockForm>({
    schema: blockForm,
    start: id === null ? { ...laidOut, name: '', story: '' } : laidOut,
    after: PLACE,
    save: (typed, sure) => saveBlockAction({ id, version: id === null ? 0 : version, sure }, typed),
  });
  const { control } = form;
  const stages = useFieldArray({ control, name: 'stages' });
  const ways = useWatch({ control, name: 'ways' });
  const waysAre = (next: BlockForm['ways']) => {
    form.setValue('ways', next, { shouldDirty: true });
    form.getValues('stages').forEach(({ waits }, i) => {
      if (i > 0) form.setValue(`stages.${i}.waits`, standsOn(next, waits), { shouldDirty: true });
    });
    if (!next.some((w) => w.key === form.getValues('thaw.way'))) form.setValue('thaw.way', '', { shouldDirty: true });
  };
  const machines = [...new Set(view.items.filter((i) => i.mould === null).map((i) => i.kind))];
  const entry = id !== null && is !== 'shipped' ? { id, version, retiredAt } : null;
  return (
    <EntryPage
      title={id === null ? say`New work, like ${block.name}` : block.name}
      back={PLACE}
      form={form}
      entry={entry}
      retires={is === 'own version' ? say`As it ships again` : undefined}
      register="blocks"
      touches={
        id !== null && (
          <>
            {is === 'shipped'
              ? say`As it ships. What you save becomes your own version of it, for all cakes that have it and say nothing else.`
              : is === 'own version'
                ? say`Your own version of what ships.`
                : say`Your own.`}{' '}
            {touches > 0 && say`${counted(touches, 'open order')} have it.`}{' '}
            <KitchenLink href={`${PLACE}/new?like=${encodeURIComponent(id)}`} style={{ color: 'inherit' }}>
              {say`New work like this`}
            </KitchenLink>
          </>
        )
      }
    >
      <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap' }}>
        <FormText control={control} name="name" label={say`Name`} sx={{ width: 300 }} />
        <FormText control={control} name="story" label={say`What it is for`} multiline sx={{ flex: '1 1 320px' }} />
      </Box>
      <StandFields
        control={control}
        at="before"
        title={say`Before it`}
        label={say`The cake must have stood`}
        places={view.items}
      />
      {stages.fields.map((f, i) => (
        <StageFields
          key={f.id}
          control={control}
          index={i}
          skills={view.skills}
          machines={machines}
          items={view.items}
          ways={ways}
          onTakeOut={stages.fields.length > 1 ? () => stages.remove(i) : null}
        />
      ))}
      <Box>
        <Button
          variant="outlined"
          color="secondary"
          onClick={() =>
            stages.append({ ...EMPTY_STAGE, waits: stages.fields.length === 0 ? [] : standsBetween(ways) })
          }
        >
          {say`Add a stage`}
        </Button>
      </Box>
      <WayFields control={control} onWays={waysAre} />
      <StandFields
        control={control}
        at="after"
        title={say`After it`}
        label={say`The cake stands before it goes on`}
        places={view.items}
      />
      <FormText
        control={control}
        name="dry"
        label={say`Bears no cold: stands dry at most, min`}
        hint={say`empty: it goes back into the cold`}
        number
        sx={{ width: 320 }}
      />
      <FormCheck control={control} name="open" label={say`What it is has to be agreed: it is asked for until it is`} />
    </EntryPage>
  );
}

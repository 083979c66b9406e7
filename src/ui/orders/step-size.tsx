'use client';

import { say } from '@/core/words/say';
import Box from '@mui/material/Box';
import { useEffect } from 'react';
import type { BuildChoice } from '@/server/builds/build-choices';
import type { ShapeOffer } from '@/server/builds/sizes';
import { NotAnsweredNote } from '../asking/not-answered';
import { shapesFor } from '../asking/questions';
import { useAsked } from '../asking/use-asked';
import { ChoiceCard } from '../parts/choice-card';
import { ChoiceGroup } from '../parts/choice-group';

const KINDS: Record<ShapeOffer['kind'], string> = {
  'one cake': say`One cake`,
  tiers: 'Tiers',
  'cakes side by side': say`Several cakes side by side`,
  'with cutting cakes': say`A cake to show, and others cut in the kitchen`,
};
/** Offers shown of each kind. */
const SHOWN = 6;

interface StepSizeProps {
  portions: number;
  size: string;
  builds: BuildChoice[];
  build: string;
  /** What the chosen size is called and gives; null where the kitchen cannot make it, or it is not known yet. */
  own: { name: string; portions: number } | null;
  /** The size was never chosen: the first that gives enough is taken. */
  open: boolean;
  onPropose: (size: string, build: string) => void;
  onChoose: (size: string, build: string) => void;
  problem: string | undefined;
}

/** Shapes and tiers that give enough, from the tins the kitchen owns, smallest surplus first. What was chosen stays until another is. */
export function StepSize({ portions, size, builds, build, own, open, onPropose, onChoose, problem }: StepSizeProps) {
  const asked = useOffers(portions);
  const offers = asked.answer;
  const [first] = offers ?? [];
  const lost = first !== undefined && !offers!.some((o) => o.value === size);
  useEffect(() => {
    if (!lost || !open) return;
    const near = offers!.find((o) => o.builds.some((b) => b.id === build)) ?? first!;
    onPropose(near.value, near.builds.some((b) => b.id === build) ? build : near.builds[0]!.id);
  }, [lost, open, offers, build, first, onPropose]);
  const nameOf = (id: string) => builds.find((b) => b.id === id)?.name ?? id;
  if (asked.problem !== null) return <NotAnsweredNote asked={asked} what={say`The sizes could not be read`} />;
  if (offers === undefined) return <p>{say`Looking through the tins…`}</p>;
  if (offers.length === 0)
    return (
      <p>
        {say`No set of the kitchen’s tins gives`} {portions} {say`portions. Split the order, or change the portions.`}
      </p>
    );
  const kinds = Object.keys(KINDS).filter((kind) => offers.some((o) => o.kind === kind)) as ShapeOffer['kind'][];
  return (
    <ChoiceGroup label={say`Shape and tiers`}>
      {problem && (
        <Box role="alert" sx={{ color: 'var(--zl-missesText)', mb: 1 }}>
          {problem}
        </Box>
      )}
      {lost && !open && own && (
        <Box role="status" sx={{ mb: 2, p: 1.5, border: '2px solid var(--zl-line)', borderRadius: 2 }}>
          <b>
            {say`As it is:`} {nameOf(build)}, {own.name}, {own.portions} {say`portions`}
          </b>
          {own.portions < portions
            ? say`: ${portions - own.portions} too few. Choose a larger one; those that say so stay ${nameOf(build)}.`
            : say`: enough for ${portions}. It stays so unless you choose another.`}
        </Box>
      )}
      {kinds.map((kind) => {
        const own = offers.filter((o) => o.kind === kind);
        const chosen = own.findIndex((o) => o.value === size);
        const shown = own.filter((_, i) => i < SHOWN || i === chosen);
        return (
          <Box key={kind} component="section" sx={{ mb: 2.5 }}>
            <Box component="h2" sx={{ typography: 'h3', m: 0, mb: 0.75, color: 'var(--zl-muted)' }}>
              {KINDS[kind]}
            </Box>
            <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(210px, 1fr))', gap: 1 }}>
              {shown.map((o) => (
                <ChoiceCard
                  key={o.value}
                  chosen={o.value === size}
                  label={`${o.name}, ${portionsText(o)}`}
                  onChoose={() => onChoose(o.value, o.builds.some((b) => b.id === build) ? build : o.builds[0]!.id)}
                >
                  <Silhouettes stacks={o.stacks} roll={o.form === 'roll'} />
                  <b>{o.name}</b>
                  <Box sx={{ fontSize: 13.5, color: 'var(--zl-muted)' }}>
                    {portionsText(o)} · {o.builds.length} {o.builds.length === 1 ? say`build` : say`builds`}
                    {!open && (
                      <Box>
                        {o.builds.some((b) => b.id === build)
                          ? say`stays ${nameOf(build)}`
                          : say`becomes ${nameOf(o.builds[0]!.id)}`}
                      </Box>
                    )}
                  </Box>
                </ChoiceCard>
              ))}
            </Box>
          </Box>
        );
      })}
    </ChoiceGroup>
  );
}

function portionsText(o: ShapeOffer): string {
  const counts = o.builds.map((b) => b.portions);
  const [least, most] = [Math.min(...counts), Math.max(...counts)];
  return say`${least === most ? least : `${least}–${most}`} portions`;
}

/** The cakes from the side, to scale among themselves. mm to px. */
const SCALE = 0.2;

function Silhouettes({ stacks, roll }: { stacks: ShapeOffer['stacks']; roll: boolean }) {
  return (
    <Box sx={{ display: 'flex', alignItems: 'flex-end', flexWrap: 'wrap', gap: 1, mb: 0.75 }}>
      {stacks.map((s, i) => (
        <Box key={i} sx={{ display: 'flex', alignItems: 'flex-end', gap: 0.5 }}>
          {s.count > 1 && <b>{s.count} ×</b>}
          <Silhouette tiers={s.tiers} roll={roll} />
        </Box>
      ))}
    </Box>
  );
}

function Silhouette({ tiers, roll }: { tiers: { width: number; height: number }[]; roll: boolean }) {
  const height = tiers.reduce((sum, t) => sum + t.height, 0);
  const width = Math.max(...tiers.map((t) => t.width));
  const tops = tiers.map((_, i) => height - tiers.slice(0, i + 1).reduce((sum, t) => sum + t.height, 0));
  const drawn = { fill: 'var(--zl-zest)', stroke: 'var(--zl-ink)', strokeWidth: 4 };
  return (
    <Box
      component="svg"
      aria-hidden
      viewBox={`0 0 ${width} ${height}`}
      sx={{ display: 'block', width: width * SCALE, height: height * SCALE, maxWidth: '100%' }}
    >
      {tiers.map((t, i) =>
        roll ? (
          <circle key={i} cx={width / 2} cy={height / 2} r={t.width / 2 - 2} {...drawn} />
        ) : (
          <rect
            key={i}
            x={(width - t.width) / 2 + 2}
            y={tops[i]! + 2}
            width={t.width - 4}
            height={t.height - 4}
            rx={6}
            {...drawn}
          />
        ),
      )}
    </Box>
  );
}

/** Offers for a number of portions. */
export const useOffers = (portions: number) => useAsked(shapesFor(portions));

import { say } from '@/core/words/say';
import { ALL_PLACES, PLACES } from '@/core/kinds/places';
import { ALL_WORKS, WORKS } from '@/core/kinds/works';
import { placeLook } from '../ladder/places';
import { WORK_COLOURS } from '../theme/palette';

/** What the colours and textures say. */
export function Legend({ climbs, planned }: { climbs: boolean; planned: string }) {
  return (
    <footer className="zl-legend">
      <Item name={say`now`} of="zl-legend-now" />
      <Item name={say`next`} of="zl-legend-next" />
      {ALL_WORKS.map((w) => (
        <Item key={w} name={WORKS[w].name} of="zl-legend-work" colour={`var(--zl-${WORK_COLOURS[w]})`} />
      ))}
      {ALL_PLACES.map((p) => (
        <Item
          key={p}
          name={PLACES[p].name}
          of={`zl-legend-place ${placeLook(p).className}`}
          {...(p === 'oven' ? { colour: 'var(--zl-oven)' } : {})}
        />
      ))}
      <span className="zl-legend-planned" title={planned}>
        {planned} · {climbs ? say`time climbs` : say`time falls`}
      </span>
    </footer>
  );
}

function Item({ name, of, colour }: { name: string; of: string; colour?: string }) {
  return (
    <span>
      <i aria-hidden className={of} style={colour === undefined ? undefined : { background: colour }} />
      {name}
    </span>
  );
}

import Button from '@mui/material/Button';
import { counted } from '@/core/measure/counted';
import { say } from '@/core/words/say';
import type { BuildCard } from '@/server/builds/build-pages';
import { KitchenLink } from '../kitchens/kitchen-link';
import { Fold } from '../parts/fold';
import { Page } from '../parts/page';
import { commonScale, SmallSection } from '../section/small-section';

/** Room for a cake on its card, px. */
const ROOM = { width: 200, height: 110 };

/** The cakes that orders begin from, cut open, to one scale. */
export function BuildsSection({ builds }: { builds: readonly BuildCard[] }) {
  const scale = commonScale(
    builds.map((b) => b.pieces),
    ROOM,
  );
  const inUse = builds.filter((b) => !b.retired);
  const retired = builds.filter((b) => b.retired);
  return (
    <Page
      title={say`Builds`}
      detail={say`The cakes that orders begin from. An order has a cake of its own from then on: what is changed here changes none that is taken.`}
      actions={
        <>
          <Button variant="outlined" color="secondary" component={KitchenLink} href="/kitchen/library">
            {say`From the starter library`}
          </Button>
          <Button variant="contained" component={KitchenLink} href="/builds/new">{say`Compose a build`}</Button>
        </>
      }
    >
      {inUse.length === 0 && (
        <p>
          {say`None yet. Compose one from your own formulas, take some from the starter library, or save a cake that you took an order for.`}
        </p>
      )}
      <Cards builds={inUse} scale={scale} />
      {retired.length > 0 && (
        <Fold title={say`Out of use: ${retired.length}`}>
          <Cards builds={retired} scale={scale} />
        </Fold>
      )}
    </Page>
  );
}

const Cards = ({ builds, scale }: { builds: readonly BuildCard[]; scale: number }) => (
  <ul className="zl-cards">
    {builds.map((b) => (
      <li key={b.id}>
        <KitchenLink href={`/builds/${b.id}`} className="zl-card" data-retired={b.retired ? '' : undefined}>
          <span style={{ display: 'flex', alignItems: 'flex-end', height: ROOM.height, marginBottom: 6 }}>
            {b.pieces.length > 0 ? (
              <SmallSection pieces={b.pieces} scale={scale} />
            ) : (
              <span style={{ color: 'var(--zl-missesText)' }}>{say`■ It lacks something here: open it.`}</span>
            )}
          </span>
          <h2>{b.name}</h2>
          <div>{b.story}</div>
          <div style={{ color: 'var(--zl-muted)', fontSize: 14 }}>
            {[b.varies, ...(b.orders > 0 ? [counted(b.orders, 'open order')] : [])].join(' · ')}
          </div>
        </KitchenLink>
      </li>
    ))}
  </ul>
);

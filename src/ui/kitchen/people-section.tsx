'use client';

import { say } from '@/core/words/say';
import Button from '@mui/material/Button';
import { counted } from '@/core/measure/counted';
import type { WeeklyShift } from '@/core/time/working-hours';
import type { KitchenSections, ShownPerson } from '@/server/kitchen/kitchen-sections';
import { KitchenLink } from '../kitchens/kitchen-link';
import { Page } from '../parts/page';
import { MissingNote } from './kitchen-frame';
import { RetiredList } from './retired-list';
import { WEEKDAYS } from './weekdays';

/** The team as cards: who, what they can do as words, and their week as bars. */
export function PeopleSection({ view }: { view: KitchenSections }) {
  const here = view.people.filter((p) => p.retiredAt === null);
  return (
    <Page
      title={say`People`}
      detail={say`Who works here, what they can do, and when. The plan gives work only to who can do it and is in.`}
      actions={
        <>
          <Button color="secondary" component={KitchenLink} href="/kitchen/tables/people">
            {say`As a table`}
          </Button>
          <Button variant="contained" component={KitchenLink} href="/kitchen/people/new">{say`Add somebody`}</Button>
        </>
      }
    >
      <MissingNote frame={view} section="people" />
      {here.length === 0 ? (
        <p>{say`Begin with yourself: a name, what you can do, and your usual week.`}</p>
      ) : (
        <ul className="zl-cards">
          {here.map((p) => (
            <li key={p.id}>
              <PersonCard person={p} />
            </li>
          ))}
        </ul>
      )}
      <RetiredList entries={view.people} place="/kitchen/people" />
    </Page>
  );
}

function PersonCard({ person: p }: { person: ShownPerson }) {
  return (
    <KitchenLink href={`/kitchen/people/${p.id}`} className={`zl-card zl-of-${p.colour}`}>
      <div style={{ display: 'flex', gap: 10, alignItems: 'center' }}>
        <span className="zl-person-mark" aria-hidden>
          {p.initials}
        </span>
        <div>
          <h2>{p.name}</h2>
          <span style={{ color: 'var(--zl-muted)', fontSize: 14 }}>
            {p.left ? say`left on ${p.left}` : hoursOf(p.weekly)}
          </span>
        </div>
      </div>
      <ul className="zl-words" aria-label={say`Skills`}>
        {p.skills.map((s) => (
          <li key={s.name} data-learns={s.pace > 1 || undefined}>
            {s.pace > 1 ? say`${s.name}, learning` : s.name}
          </li>
        ))}
      </ul>
      <WeekBars weekly={p.weekly} />
    </KitchenLink>
  );
}

const minutesOf = (wall: string) => {
  const [h = 0, m = 0] = wall.split(':').map(Number);
  return h * 60 + m;
};
const lengthOf = ({ start, end }: { start: string; end: string }) => (minutesOf(end) - minutesOf(start) + 1440) % 1440;

/** "38 h a week". */
function hoursOf(weekly: readonly WeeklyShift[]): string {
  const minutes = weekly.reduce((sum, s) => sum + lengthOf(s) - s.breaks.reduce((rest, b) => rest + lengthOf(b), 0), 0);
  if (minutes === 0) return say`no usual hours`;
  const days = new Set(weekly.map((s) => s.weekday)).size;
  return say`${Number((minutes / 60).toFixed(1))} h on ${counted(days, 'day')} a week`;
}

/** Each day of the week as a column from 3 to 24 o’clock, with its shifts. */
function WeekBars({ weekly }: { weekly: readonly WeeklyShift[] }) {
  const [from, until] = [180, 1440];
  const share = (minutes: number) => `${(100 * (Math.min(until, Math.max(from, minutes)) - from)) / (until - from)}%`;
  return (
    <div className="zl-week-bars" aria-hidden>
      {WEEKDAYS.map(({ day, short }) => (
        <div key={day} title={short}>
          {weekly
            .filter((s) => s.weekday === day)
            .map((s, i) => (
              <i
                key={i}
                style={{
                  top: share(minutesOf(s.start)),
                  bottom: `calc(100% - ${share(minutesOf(s.start) + lengthOf(s))})`,
                }}
              />
            ))}
        </div>
      ))}
    </div>
  );
}

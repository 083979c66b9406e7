import { level } from './level';
import { portionTheLid } from './portion-the-lid';
import { topping } from './topping';
import { stack } from './stack';
import { buildInARing } from './build-in-a-ring';
import { roll } from './roll';
import { lift } from './lift';
import { cutToShape } from './cut-to-shape';
import { coat } from './coat';
import { cover } from './cover';
import { pour } from './pour';
import { drip } from './drip';
import { panels } from './panels';
import { spreadOnTop } from './spread-on-top';
import { strew } from './strew';
import { stand } from './stand';
import { torch } from './torch';
import { pipe } from './pipe';
import { place } from './place';
import { brush } from './brush';
import { dust } from './dust';
import { write } from './write';
import { portion } from './portion';
import { box } from './box';
import type { BlockKind, Kind } from './kind';

/** All that is known of each kind of work: adding one is one file and one line. */
export const KINDS: { readonly [K in BlockKind]: Kind } = {
  level,
  'portion the lid': portionTheLid,
  topping,
  stack,
  'build in a ring': buildInARing,
  roll,
  lift,
  'cut to shape': cutToShape,
  coat,
  cover,
  pour,
  drip,
  panels,
  'spread on top': spreadOnTop,
  strew,
  stand,
  torch,
  pipe,
  place,
  brush,
  dust,
  write,
  portion,
  box,
};

import { say } from '@/core/words/say';
import { mouldName } from '@/core/kitchen/mould-kind';
import { readMould, type MouldTyping } from '@/core/kitchen/read-mould';
import { useReading } from '../parts/reading';
import { MouldPlan } from './mould-plan';

/** More are not drawn. */
const MOST = 40;
const cm = (mm: number) => Number((mm / 10).toFixed(1));

/** What was understood of tins in words, drawn at the scale of the others before it is taken; a line that cannot be read says why. */
export function TinsUnderstood({ text, typing }: { text: string; typing: MouldTyping }) {
  const { tell } = useReading();
  const lines = text.split(/\r?\n/).filter((l) => l.trim() !== '');
  if (lines.length === 0) return null;
  return (
    <ul className="zl-tins zl-tins-understood" aria-label={say`What was understood`}>
      {lines.slice(0, MOST).map((line, i) => {
        const read = readMould(line, typing);
        if (!read.ok)
          return (
            <li key={i} className="zl-tin-unread">
              “{line.trim()}”<span>{read.message}</span>
            </li>
          );
        const { mould, owned } = read;
        const deep = mould.depth === undefined ? '' : say`, ${cm(mould.depth)} cm deep`;
        const name = mouldName({ use: mould.use, form: mould.form });
        return (
          <li key={i}>
            <MouldPlan mould={mould} />
            <b>{tell(`${name}${deep}`)}</b>
            <span>{owned} ×</span>
          </li>
        );
      })}
    </ul>
  );
}

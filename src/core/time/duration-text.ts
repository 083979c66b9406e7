import { say } from '../words/say';
/** Minutes as a baker says them: "25 min", "2 h", "5 h 40", "2 d 3 h". Signs are the caller's. */
export function durationText(minutes: number): string {
  const total = Math.round(Math.abs(minutes));
  if (total < 60) return say`${total} min`;
  const days = Math.floor(total / 1440);
  const hours = Math.floor((total % 1440) / 60);
  const rest = total % 60;
  if (days > 0) return hours > 0 ? `${days} d ${hours} h` : `${days} d`;
  return rest > 0 ? `${hours} h ${String(rest).padStart(2, '0')}` : `${hours} h`;
}

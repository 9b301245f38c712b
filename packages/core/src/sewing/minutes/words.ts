import { workplaces, totalOf, type Minutes, type Workplace } from './minutes-of.ts';

/** “4 min”, “1 h 5 min”: whole minutes, and never none. */
export function minuteWords(minutes: number): string {
  const whole = Math.max(1, Math.round(minutes));
  const [hours, rest] = [Math.floor(whole / 60), whole % 60];
  return [...(hours > 0 ? [`${hours} h`] : []), ...(rest > 0 || hours === 0 ? [`${rest} min`] : [])].join(' ');
}

const placeNames: Record<Workplace, string> = {
  table: 'at the table',
  iron: 'at the iron',
  machine: 'by machine',
  hand: 'by hand',
};

/** Where most of the time goes by. */
export const placeWords = (minutes: Minutes): string =>
  placeNames[workplaces.reduce((most, place) => (minutes[place].value > minutes[most].value ? place : most))];

/** Of several steps, min. */
export const minutesTogether = (steps: readonly { minutes: Minutes }[]): number =>
  steps.reduce((sum, { minutes }) => sum + totalOf(minutes), 0);

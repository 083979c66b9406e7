import type { NewKitchenForm } from '@/core/input/new-kitchen-input';
import type { Country } from '@/core/measure/units';

/** Regions whose cups are known, by their code. */
const COUNTRY_OF: Readonly<Record<string, Country>> = {
  ...{ US: 'US', GB: 'imperial', AU: 'Australia', CA: 'Canada', JP: 'Japan' },
};

/** What a browser’s language says of how numbers are written, of cups and of degrees: somewhere to begin. */
export function startOfKitchen(zone: string, language: string): NewKitchenForm {
  const region = new Intl.Locale(language).maximize().region ?? '';
  const country = COUNTRY_OF[region] ?? 'metric';
  const comma = new Intl.NumberFormat(language).format(1.5).includes(',');
  const american = region === 'US';
  return {
    ...{ name: '', zone, country, decimal: comma ? 'comma' : 'point', weight: 'g' },
    ...{ temperature: american ? 'F' : 'C', length: american ? 'in' : 'cm' },
  };
}

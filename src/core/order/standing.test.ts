import { demoLibrary } from '../../data/kitchens/demo-parts';
import { notBorne } from './standing';

const { formulas, coefficients } = demoLibrary;
const part = (id: string) => ({ role: id, label: formulas.get(id)!.name, formula: formulas.get(id)! });
const cold = [...formulas.values()].find((f) => f.keeping.place === 'fridge' && f.purpose === 'filling')!;
const roles = (hours: number, celsius: number, parts = [part(cold.id)]) =>
  notBorne(parts, { hours, celsius, outdoors: false }, coefficients)?.roles ?? [];

describe('where a cake will stand', () => {
  it('a filling that keeps in the cold is out of it for two hours, and for one where it is hot', () => {
    expect(roles(2, 24)).toEqual([]);
    expect(roles(2.5, 24)).toEqual([cold.id]);
    expect(roles(1, 32)).toEqual([]);
    expect(roles(1.5, 32)).toEqual([cold.id]);
  });

  it('says how long it bears, how long it would stand, and what helps, once for all its uses', () => {
    const twice = [part(cold.id), { ...part(cold.id), role: 'again' }];
    const said = notBorne(twice, outside(5, 34), coefficients)!;
    expect(said.roles).toHaveLength(1);
    expect(said.why).toBe(
      `Kept in the cold: ${cold.name}. At most 1 h outdoors at 34 °C, and the cake would stand 5 h. Keep it cold until it is eaten, or exchange them.`,
    );
  });

  it('sponges, soaks and dry pieces are kept cold for other reasons', () => {
    const others = [...formulas.values()].filter((f) => ['layers', 'soak', 'decoration'].includes(f.purpose));
    expect(others.length).toBeGreaterThan(5);
    expect(
      notBorne(
        others.map((f) => part(f.id)),
        outside(9, 34),
        coefficients,
      ),
    ).toBeNull();
  });
});

function outside(hours: number, celsius: number) {
  return { hours, celsius, outdoors: true };
}

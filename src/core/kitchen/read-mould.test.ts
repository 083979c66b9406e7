import { fc } from '../testing/chance';
import { mouldKind, mouldName } from './mould-kind';
import { readMould } from './read-mould';

const cm = { length: 'cm', decimal: 'point' } as const;
const read = (text: string, typing: Parameters<typeof readMould>[1] = cm) => {
  const answer = readMould(text, typing);
  return answer.ok ? { ...answer.mould, owned: answer.owned } : answer.message;
};

describe('a tin in plain words', () => {
  it.each([
    ['round 24, 7 deep, 6 of them', { use: 'tin', form: { form: 'round', diameter: 240 }, depth: 70, owned: 6 }],
    ['6 x round 24 cm', { use: 'tin', form: { form: 'round', diameter: 240 }, owned: 6 }],
    ['ring 18, 4 of them', { use: 'ring', form: { form: 'round', diameter: 180 }, owned: 4 }],
    ['square ring 20', { use: 'ring', form: { form: 'square', side: 200 }, owned: 1 }],
    [
      'frame 40 x 30 cm, 5 high',
      { use: 'ring', form: { form: 'rectangle', length: 400, width: 300 }, depth: 50, owned: 1 },
    ],
    ['sheet 60 x 40, 6 of them', { use: 'sheet', form: { form: 'rectangle', length: 600, width: 400 }, owned: 6 }],
    ['baking sheet 40 by 60 cm', { use: 'sheet', form: { form: 'rectangle', length: 600, width: 400 }, owned: 1 }],
    ['square 25', { use: 'square tin', form: { form: 'square', side: 250 }, owned: 1 }],
    [
      '30 x 20, depth 5',
      { use: 'shaped tin', form: { form: 'rectangle', length: 300, width: 200 }, depth: 50, owned: 1 },
    ],
    ['heart 20 cm, 2', { use: 'shaped tin', form: { form: 'heart', side: 200 }, owned: 2 }],
    ['petal 22, 8 petals', { use: 'shaped tin', form: { form: 'petal', across: 220, petals: 8 }, owned: 1 }],
    ['half-spheres 7 cm, 12 of them', { use: 'shaped tin', form: { form: 'half-sphere', diameter: 70 }, owned: 12 }],
    [
      'round 9 in, 3 in deep, 2 of them',
      { use: 'tin', form: { form: 'round', diameter: 228.6 }, depth: 76.2, owned: 2 },
    ],
    ['6 round 24, 7 deep', { use: 'tin', form: { form: 'round', diameter: 240 }, depth: 70, owned: 6 }],
    ['24 round', { use: 'tin', form: { form: 'round', diameter: 240 }, owned: 1 }],
    ['24 round, 2', { use: 'tin', form: { form: 'round', diameter: 240 }, owned: 2 }],
    ['24 cm round, 7 deep', { use: 'tin', form: { form: 'round', diameter: 240 }, depth: 70, owned: 1 }],
    ['24 x 7 round', { use: 'tin', form: { form: 'round', diameter: 240 }, depth: 70, owned: 1 }],
    ['3 x 15 cm round', { use: 'tin', form: { form: 'round', diameter: 150 }, owned: 3 }],
    ['3x15cm round', { use: 'tin', form: { form: 'round', diameter: 150 }, owned: 3 }],
    ['square 20 x2', { use: 'square tin', form: { form: 'square', side: 200 }, owned: 2 }],
    ['square 20 cm x 2', { use: 'square tin', form: { form: 'square', side: 200 }, owned: 2 }],
    ['square 20 x 20', { use: 'square tin', form: { form: 'square', side: 200 }, owned: 1 }],
    ['30x20, 2 of them', { use: 'shaped tin', form: { form: 'rectangle', length: 300, width: 200 }, owned: 2 }],
    ['springform 26', { use: 'tin', form: { form: 'round', diameter: 260 }, owned: 1 }],
    ['2 springform pans 26 cm', { use: 'tin', form: { form: 'round', diameter: 260 }, owned: 2 }],
    ['steel bowl 22', { use: 'shaped tin', form: { form: 'half-sphere', diameter: 220 }, owned: 1 }],
    ['half sheet pan 18 × 13 in', { use: 'sheet', form: { form: 'rectangle', length: 457.2, width: 330.2 }, owned: 1 }],
    ['2 half sheets', { use: 'sheet', form: { form: 'rectangle', length: 457, width: 330 }, owned: 2 }],
    ['frame 30 × 11', { use: 'ring', form: { form: 'rectangle', length: 300, width: 110 }, owned: 1 }],
    ['4 9-inch rounds, 3 deep', { use: 'tin', form: { form: 'round', diameter: 228.6 }, depth: 76.2, owned: 4 }],
    ['8" square', { use: 'square tin', form: { form: 'square', side: 203.2 }, owned: 1 }],
    ['Round tin, 240 mm', { use: 'tin', form: { form: 'round', diameter: 240 }, owned: 1 }],
  ])('%s', (text, mould) => {
    expect(read(text)).toEqual(mould);
  });

  it('has a name that says what it is', () => {
    const named = (text: string) => {
      const answer = readMould(text, cm);
      return answer.ok ? mouldName(answer.mould) : answer.message;
    };
    expect(['6 ring 18', 'frame 30 × 11', 'square ring 20'].map(named)).toEqual([
      'Rings, 18 cm',
      'Frames, 30 × 11 cm',
      'Rings, square 20 cm',
    ]);
  });

  it('is in inches where the kitchen measures in inches, and its decimals are the kitchen’s', () => {
    expect(read('round 9', { length: 'in', decimal: 'point' })).toMatchObject({ form: { diameter: 228.6 } });
    expect(read('round 22,5', { length: 'cm', decimal: 'comma' })).toMatchObject({ form: { diameter: 225 } });
    expect(read('round 9 cm', { length: 'in', decimal: 'point' })).toMatchObject({ form: { diameter: 90 } });
  });

  it('that cannot be read is refused in words, never guessed', () => {
    expect(read('')).toContain('Which tin?');
    expect(read('the blue one')).toContain('cannot be read');
    expect(read('round')).toContain('How large?');
    expect(read('round 1')).toBe('From 2 cm to 150 cm.');
    expect(read('round 240')).toBe('From 2 cm to 150 cm.');
    expect(read('loaf 30')).toContain('two measures');
    expect(read('round 24 x 20')).toContain('two measures');
    expect(read('round 24, 0 of them')).toContain('From 1 to');
    expect(read('round 24, 70 deep')).toContain('depth');
  });

  it('whatever is typed, it ends, and what is read has a kind and a name of its own', () => {
    const words = fc.constantFrom(
      'round',
      'square',
      'ring',
      'x',
      ',',
      'deep',
      'of them',
      '24',
      '7,5',
      '1/2',
      'cm',
      '"',
      'é',
      '()',
    );
    fc.assert(
      fc.property(fc.array(words, { maxLength: 9 }), (parts) => {
        const answer = readMould(parts.join(' '), cm);
        if (!answer.ok) expect(answer.message.length).toBeGreaterThan(5);
        else expect(mouldKind(answer.mould) + mouldName(answer.mould)).not.toMatch(/NaN|undefined/);
      }),
    );
  });
});

describe('moulds of a kind', () => {
  it('are alike in use, form, size and depth; a usual depth is not said', () => {
    const tin = { use: 'tin' as const, form: { form: 'round' as const, diameter: 240 } };
    expect(mouldKind(tin)).toBe('tin 24 cm');
    expect(mouldKind({ ...tin, depth: 75 })).toBe('tin 24 cm');
    expect(mouldKind({ ...tin, depth: 100 })).toBe('tin 24 cm, 10 deep');
    expect(mouldName({ ...tin, depth: 100 })).toBe('Tins, round 24 cm, 10 cm deep');
    const sheet = { use: 'sheet' as const, form: { form: 'rectangle' as const, length: 600, width: 400 } };
    expect([mouldKind(sheet), mouldName(sheet)]).toEqual(['sheet 60 cm', 'Sheets, 60 × 40 cm']);
  });
});

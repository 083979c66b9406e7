import type { Allergen, Ingredient } from '../../core/formula/formula';

type Traits = Omit<Ingredient, 'id' | 'name' | 'allergens' | 'density'>;

const DRY: Traits = { supplier: 'Mill and dry goods' };
const FLOUR: Traits = { ...DRY, flour: true };
const NUTS: Traits = { supplier: 'Nuts and seeds' };
const SUGAR: Traits = { supplier: 'Sugar and chocolate' };
const DAIRY: Traits = { supplier: 'Dairy and eggs' };
const COLD: Traits = { ...DAIRY, keepCold: true };
const BUTTER: Traits = { ...DAIRY, takeOut: 90 };
const EGG = (egg: NonNullable<Ingredient['egg']>, takeOut = 60): Traits => ({ ...DAIRY, egg, takeOut });
const FRUIT: Traits = { supplier: 'Fruit and greens' };
const CELLAR: Traits = { supplier: 'Cellar' };

/** An ingredient with what the house has of it, g. */
export type DemoIngredient = Ingredient & { stock: number };

const make = (
  id: string,
  name: string,
  density: number | null,
  stock: number,
  traits: Traits,
  ...allergens: Allergen[]
): DemoIngredient => ({ id, name, allergens, density, stock, ...traits });

/** What the demo kitchen works with. Densities in g/ml, as it is spooned or poured; stock in g. */
export const demoIngredients: DemoIngredient[] = [
  make('plain-flour', 'Plain flour', 0.53, 22000, FLOUR, 'gluten'),
  make('cake-flour', 'Cake flour', 0.48, 6000, FLOUR, 'gluten'),
  make('strong-flour', 'Strong flour', 0.55, 9000, FLOUR, 'gluten'),
  make('rye-flour', 'Rye flour', 0.5, 4000, FLOUR, 'gluten'),
  make('oat-flakes', 'Oat flakes, toasted', 0.38, 3000, DRY, 'gluten'),
  make('cornflour', 'Cornflour', 0.54, 2500, DRY),
  make('baking-powder', 'Baking powder', 0.9, 900, DRY),
  make('soda', 'Baking soda', 1.1, 600, DRY),
  make('cream-of-tartar', 'Cream of tartar', 0.9, 250, DRY),
  make('salt', 'Fine salt', 1.2, 3000, DRY),
  make('cocoa', 'Cocoa, 22 % fat', 0.45, 1800, DRY),
  make('spice-mix', 'Cake spice', 0.5, 300, DRY),
  make('saffron', 'Saffron threads', null, 8, DRY),
  make('vanilla', 'Vanilla paste', 1.1, 400, DRY),
  make('fresh-yeast', 'Fresh yeast', null, 250, { ...DAIRY }),
  make('tylose', 'Tylose powder', null, 150, DRY),
  make('pectin', 'Pectin NH', 0.7, 300, DRY),
  make('agar', 'Agar powder', 0.6, 100, DRY),
  make('gelatine', 'Leaf gelatine, 200 bloom', null, 350, { ...DRY, gelatine: true }, 'gelatine'),
  make('ground-linseed', 'Ground linseed', 0.5, 500, DRY),
  make('chickpea-water', 'Chickpea water', 1.02, 800, DRY),
  make('caster-sugar', 'Caster sugar', 0.85, 26000, SUGAR),
  make('icing-sugar', 'Icing sugar', 0.5, 9000, SUGAR),
  make('brown-sugar', 'Light brown sugar', 0.8, 6000, SUGAR),
  make('glucose', 'Glucose syrup', 1.4, 3500, SUGAR),
  make('honey', 'Heather honey', 1.4, 2800, SUGAR, 'honey'),
  make('isomalt', 'Isomalt', 0.9, 2500, SUGAR),
  make('white-couverture', 'White couverture', null, 2500, SUGAR, 'milk', 'soya'),
  make('dark-couverture', 'Dark couverture, 60 %', null, 6000, SUGAR, 'soya'),
  make('sugar-paste', 'Sugar paste', 1.35, 9000, SUGAR),
  make('flower-paste', 'Flower paste', 1.3, 1200, SUGAR, 'egg'),
  make('royal-icing-mix', 'Royal icing mix', 0.7, 1500, SUGAR, 'egg'),
  make('ground-almonds', 'Ground almonds', 0.4, 4000, NUTS, 'nuts'),
  make('ground-hazelnuts', 'Ground hazelnuts', 0.42, 2500, NUTS, 'nuts'),
  make('chopped-walnuts', 'Chopped walnuts', 0.45, 1800, NUTS, 'nuts'),
  make('sesame', 'Sesame, hulled', 0.6, 900, NUTS, 'sesame'),
  make('poppy-seed', 'Poppy seed', 0.6, 700, NUTS),
  make('sunflower-meal', 'Sunflower meal', 0.42, 0, NUTS),
  make('pumpkin-meal', 'Pumpkin-seed meal', 0.45, 0, NUTS),
  make('butter', 'Unsalted butter', 0.95, 12000, BUTTER, 'milk'),
  make('plant-block', 'Plant block for baking', 0.95, 1500, { ...DAIRY, takeOut: 60 }),
  make('whole-eggs', 'Whole egg', 1.03, 9000, EGG('whole'), 'egg'),
  make('egg-whites', 'Egg white', 1.03, 1500, EGG('white'), 'egg'),
  make('egg-yolks', 'Egg yolk', 1.03, 300, EGG('yolk'), 'egg'),
  make('milk', 'Whole milk', 1.03, 9000, DAIRY, 'milk'),
  make('buttermilk', 'Buttermilk', 1.03, 1000, DAIRY, 'milk'),
  make('yoghurt', 'Strained yoghurt', 1.05, 2000, COLD, 'milk'),
  make('cream', 'Cream, 35 % fat', 0.99, 8000, COLD, 'milk'),
  make('ricotta', 'Ricotta', 1.0, 1500, COLD, 'milk'),
  make('mascarpone', 'Mascarpone', 1.0, 2500, COLD, 'milk'),
  make('coconut-cream', 'Coconut cream, 30 % fat', 0.97, 3000, { ...COLD, supplier: 'Mill and dry goods' }),
  make('oat-drink', 'Oat drink', 1.03, 4000, { supplier: 'Mill and dry goods' }, 'gluten'),
  make('sunflower-oil', 'Sunflower oil', 0.92, 5000, DRY),
  make('lemon-juice', 'Lemon juice', 1.02, 900, FRUIT),
  make('lemon-zest', 'Lemon zest', 0.4, 60, FRUIT),
  make('orange-juice', 'Orange juice', 1.04, 900, FRUIT),
  make('orange-zest', 'Orange zest', 0.4, 50, FRUIT),
  make('oranges', 'Oranges, whole', 0.6, 2000, FRUIT),
  make('apples', 'Russet apples', 0.6, 2500, FRUIT),
  make('quince-puree', 'Quince purée', 1.06, 2200, FRUIT),
  make('blackcurrants', 'Blackcurrants', 0.6, 900, FRUIT),
  make('blackcurrant-puree', 'Blackcurrant purée', 1.05, 1600, FRUIT),
  make('apricot-puree', 'Apricot purée', 1.05, 1800, FRUIT),
  make('raspberries', 'Raspberries', 0.55, 1500, FRUIT),
  make('strawberries', 'Strawberries', 0.6, 1000, FRUIT),
  make('plums', 'Plums, stoned', 0.65, 1800, FRUIT),
  make('figs', 'Ripe figs', 0.65, 1200, FRUIT),
  make('beetroot', 'Cooked beetroot, grated', 0.6, 1200, FRUIT),
  make('thyme', 'Fresh thyme', null, 30, FRUIT),
  make('hibiscus', 'Dried hibiscus', 0.25, 200, DRY),
  make('elder-cordial', 'Elderflower cordial', 1.2, 1500, CELLAR),
  make('plum-brandy', 'Plum brandy', 0.94, 700, CELLAR, 'alcohol'),
  make('dark-rum', 'Dark rum', 0.94, 700, CELLAR, 'alcohol'),
  make('espresso', 'Espresso', 1, 0, { supplier: 'Made in the house' }),
  make('water', 'Water', 1, 0, { supplier: 'Made in the house' }),
  make('trimmings', 'Sponge trimmings', null, 0, { supplier: 'Made in the house', leftOver: 'trimmings' }),
  make('glaze-run-off', 'Caught glaze', null, 0, { supplier: 'Made in the house', leftOver: 'run-off' }),
];

/** Shares of a whole egg with its shell, by weight. */
export interface EggShares {
  shell: number;
  white: number;
  yolk: number;
}

export const EGG_SHARES: EggShares = { shell: 0.11, white: 0.59, yolk: 0.3 };

/** Size classes by country: grams with shell, the middle of each class. */
export const EGG_SIZES = {
  EU: { S: 48, M: 58, L: 68, XL: 76 },
  US: { medium: 50, large: 57, 'extra large': 64, jumbo: 71 },
  Canada: { medium: 52, large: 59, 'extra large': 66, jumbo: 73 },
  Australia: { large: 55, 'extra large': 61, jumbo: 68 },
} as const;

export interface EggParts {
  /** Without the shell, g. */
  contents: number;
  whites: number;
  yolks: number;
}

/**
 * What so many eggs give; `withShell` is the weight of one in g.
 * Example: 7 of 58 g: contents 361.3 g, whites 239.5 g, yolks 121.8 g.
 */
export function eggParts(count: number, withShell: number, shares = EGG_SHARES): EggParts {
  const whole = count * withShell;
  return { contents: whole * (1 - shares.shell), whites: whole * shares.white, yolks: whole * shares.yolk };
}

/** Grams needed: of beaten whole egg, of whites alone, of yolks alone. */
export interface EggNeed {
  whole: number;
  whites: number;
  yolks: number;
}

export interface EggLedger extends EggNeed {
  /** Eggs to crack in all. */
  crack: number;
  /** g left over once every need is met. */
  left: { whites: number; yolks: number };
}

/**
 * Adds up all needs of a day and says how many eggs to crack: enough for the beaten egg, and then enough for the part that
 * is scarcer once the other is separated. What is over of the other part is the ledger's balance.
 */
export function eggLedger(needs: EggNeed[], withShell: number, shares = EGG_SHARES): EggLedger {
  const sum = (part: keyof EggNeed) => needs.reduce((total, n) => total + n[part], 0);
  const [whole, whites, yolks] = [sum('whole'), sum('whites'), sum('yolks')];
  const one = eggParts(1, withShell, shares);
  // Beaten egg takes white and yolk in their natural share.
  const crack = Math.ceil(
    Math.max(
      (whole * (one.whites / one.contents) + whites) / one.whites,
      (whole * (one.yolks / one.contents) + yolks) / one.yolks,
    ) - 1e-9,
  );
  const all = eggParts(crack, withShell, shares);
  return {
    ...{ whole, whites, yolks, crack },
    left: {
      whites: all.whites - whites - whole * (one.whites / one.contents),
      yolks: all.yolks - yolks - whole * (one.yolks / one.contents),
    },
  };
}

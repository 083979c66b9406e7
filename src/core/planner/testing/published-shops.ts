/** Job-shop problems whose optima are published: for each job its machines and minutes, in order. */
export interface Yardstick {
  name: string;
  optimum: number;
  /** [machine, minutes] of every operation of every job. */
  jobs: [number, number][][];
}

const read = (text: string): [number, number][][] =>
  text
    .trim()
    .split('\n')
    .map((line) => {
      const numbers = line.trim().split(/\s+/).map(Number);
      return Array.from({ length: numbers.length / 2 }, (_, i) => [numbers[2 * i]!, numbers[2 * i + 1]!]);
    });

/** Fisher and Thompson, in: Industrial Scheduling (1963); Lawrence, Carnegie Mellon (1984). */
const CLASSICS: Yardstick[] = [
  {
    name: 'ft06, 6 × 6',
    optimum: 55,
    jobs: read(`
      2 1 0 3 1 6 3 7 5 3 4 6
      1 8 2 5 4 10 5 10 0 10 3 4
      2 5 3 4 5 8 0 9 1 1 4 7
      1 5 0 5 2 5 3 3 4 8 5 9
      2 9 1 3 4 5 5 4 0 3 3 1
      1 3 3 3 5 9 0 10 4 4 2 1`),
  },
  {
    name: 'ft10, 10 × 10',
    optimum: 930,
    jobs: read(`
      0 29 1 78 2 9 3 36 4 49 5 11 6 62 7 56 8 44 9 21
      0 43 2 90 4 75 9 11 3 69 1 28 6 46 5 46 7 72 8 30
      1 91 0 85 3 39 2 74 8 90 5 10 7 12 6 89 9 45 4 33
      1 81 2 95 0 71 4 99 6 9 8 52 7 85 3 98 9 22 5 43
      2 14 0 6 1 22 5 61 3 26 4 69 8 21 7 49 9 72 6 53
      2 84 1 2 5 52 3 95 8 48 9 72 0 47 6 65 4 6 7 25
      1 46 0 37 3 61 2 13 6 32 5 21 9 32 8 89 7 30 4 55
      2 31 0 86 1 46 5 74 4 32 6 88 8 19 9 48 7 36 3 79
      0 76 1 69 3 76 5 51 2 85 9 11 6 40 7 89 4 26 8 74
      1 85 0 13 2 61 6 7 8 64 9 76 5 47 3 52 4 90 7 45`),
  },
  {
    name: 'ft20, 20 × 5',
    optimum: 1165,
    jobs: read(`
      0 29 1 9 2 49 3 62 4 44
      0 43 1 75 3 69 2 46 4 72
      1 91 0 39 2 90 4 12 3 45
      1 81 0 71 4 9 2 85 3 22
      2 14 1 22 0 26 3 21 4 72
      2 84 1 52 4 48 0 47 3 6
      1 46 0 61 2 32 3 32 4 30
      2 31 1 46 0 32 3 19 4 36
      0 76 3 76 2 85 1 40 4 26
      1 85 2 61 0 64 3 47 4 90
      1 78 3 36 0 11 4 56 2 21
      2 90 0 11 1 28 3 46 4 30
      0 85 2 74 1 10 3 89 4 33
      2 95 0 99 1 52 3 98 4 43
      0 6 1 61 4 69 2 49 3 53
      1 2 0 95 3 72 4 65 2 25
      0 37 2 13 1 21 3 89 4 55
      0 86 1 74 4 88 2 48 3 79
      1 69 2 51 0 11 3 89 4 74
      0 13 1 7 2 76 3 52 4 45`),
  },
  {
    name: 'la01, 10 × 5',
    optimum: 666,
    jobs: read(`
      1 21 0 53 4 95 3 55 2 34
      0 21 3 52 4 16 2 26 1 71
      3 39 4 98 1 42 2 31 0 12
      1 77 0 55 4 79 2 66 3 77
      0 83 3 34 2 64 1 19 4 37
      1 54 2 43 4 79 0 92 3 62
      3 69 4 77 1 87 2 87 0 93
      2 38 0 60 1 41 3 24 4 83
      3 17 1 49 4 25 0 44 2 98
      4 77 3 79 2 43 1 75 0 96`),
  },
];

/** Taillard's generator and the seeds of his ten problems of 15 × 15 (EJOR 64, 1993), with their optima. */
const TAILLARD: [times: number, machines: number, optimum: number][] = [
  [840612802, 398197754, 1231],
  [1314640371, 386720536, 1244],
  [1227221349, 316176388, 1218],
  [342269428, 1806358582, 1175],
  [1603221416, 1501949241, 1224],
  [1357584978, 1734077082, 1238],
  [44531661, 1374316395, 1227],
  [302545136, 2092186050, 1217],
  [1153780144, 1393392374, 1274],
  [73896786, 1544979948, 1241],
];

/** The generator of Lehmer with Bratley's constants: integers from `low` to `high`, each as likely. */
function lehmer(seed: number): (low: number, high: number) => number {
  let state = seed;
  return (low, high) => {
    const k = Math.floor(state / 127773);
    state = 16807 * (state % 127773) - k * 2836;
    if (state < 0) state += 2147483647;
    return low + Math.floor((state / 2147483647) * (high - low + 1));
  };
}

function taillard(index: number, size: number): Yardstick {
  const [timeSeed, machineSeed, optimum] = TAILLARD[index]!;
  const time = lehmer(timeSeed);
  const minutes = Array.from({ length: size }, () => Array.from({ length: size }, () => time(1, 99)));
  const draw = lehmer(machineSeed);
  const jobs = minutes.map((list) => {
    const machines = list.map((_, i) => i);
    for (let i = 0; i < size; i++) {
      const k = draw(i + 1, size) - 1;
      [machines[i], machines[k]] = [machines[k]!, machines[i]!];
    }
    return list.map((m, i): [number, number] => [machines[i]!, m]);
  });
  return { name: `ta${String(index + 1).padStart(2, '0')}, ${size} × ${size}`, optimum, jobs };
}

export const YARDSTICKS: Yardstick[] = [...CLASSICS, ...TAILLARD.map((_, i) => taillard(i, 15))];

import type { HandWork } from '@/core/kinds/works';

/** Colours of the house, for both themes. A place is a colour and a texture, a state a colour and a shape. */
export interface Palette {
  ink: string;
  muted: string;
  paper: string;
  card: string;
  line: string;
  bar: string;
  barText: string;
  zest: string;
  zestEdge: string;
  onZest: string;
  oven: string;
  bench: string;
  benchDot: string;
  fridge: string;
  fridgeLine: string;
  freezer: string;
  freezerLine: string;
  dry: string;
  dryLine: string;
  holds: string;
  tight: string;
  misses: string;
  /** Text in the colour of a state, on paper. */
  holdsText: string;
  tightText: string;
  missesText: string;
  cautionBack: string;
  cautionEdge: string;
  /** Behind a rung that decides that its cake is late, or tight. */
  tightBack: string;
  missesBack: string;
  /** Frame of a quiet rung. */
  rungLine: string;
  /** Work that is over, and a machine that runs alone. */
  rest: string;
  /** Edges of rungs by the kind of their work. */
  workMix: string;
  workBake: string;
  workBuild: string;
  workDecorate: string;
  workBox: string;
  fold: string;
  shift: string;
}

export const light: Palette = {
  ink: '#16302B',
  muted: '#526660',
  paper: '#FBFBF6',
  card: '#FFFFFF',
  line: '#DADFD3',
  bar: '#16302B',
  barText: '#EAF0E6',
  zest: '#F2B705',
  zestEdge: '#C29000',
  onZest: '#221A00',
  oven: '#E4572E',
  bench: '#EFEADB',
  benchDot: '#A8987A',
  fridge: '#BFDDEB',
  fridgeLine: '#2E86AB',
  freezer: '#7FB3CF',
  freezerLine: '#1B5E80',
  dry: '#EBD9F0',
  dryLine: '#7A4B8C',
  holds: '#1F6F54',
  tight: '#96610F',
  misses: '#A4133C',
  holdsText: '#1F6F54',
  tightText: '#85560C',
  missesText: '#A4133C',
  cautionBack: '#FFF1EC',
  cautionEdge: '#D9481F',
  tightBack: '#FBF1DC',
  missesBack: '#FBE7EC',
  rungLine: '#C3CBBD',
  rest: '#A9B3A6',
  workMix: '#6B8E23',
  workBake: '#E4572E',
  workBuild: '#7B4B94',
  workDecorate: '#0F766E',
  workBox: '#16302B',
  fold: '#E9ECE3',
  shift: '#ECEFE7',
};

export const dark: Palette = {
  ink: '#ECF2EA',
  muted: '#A9BAB2',
  paper: '#0E1A18',
  card: '#162724',
  line: '#2C403B',
  bar: '#081210',
  barText: '#EAF0E6',
  zest: '#F2B705',
  zestEdge: '#FFD65C',
  onZest: '#221A00',
  oven: '#E4572E',
  bench: '#4A4536',
  benchDot: '#B9A984',
  fridge: '#1D4355',
  fridgeLine: '#6CBBDD',
  freezer: '#123648',
  freezerLine: '#8CC7E6',
  dry: '#3D2B45',
  dryLine: '#C79BD8',
  holds: '#1F7A5B',
  tight: '#96610F',
  misses: '#B81C49',
  holdsText: '#6FD3AE',
  tightText: '#F0BC62',
  missesText: '#FF8FAB',
  cautionBack: '#35190F',
  cautionEdge: '#F0764F',
  tightBack: '#33260D',
  missesBack: '#3A1420',
  rungLine: '#3E5650',
  rest: '#5C6F68',
  workMix: '#93B84A',
  workBake: '#F0764F',
  workBuild: '#BB90D2',
  workDecorate: '#35B8AC',
  workBox: '#ECF2EA',
  fold: '#182622',
  shift: '#1D2E2A',
};

/** The palette as CSS variables, `--zl-ink` and so on, for everything that is drawn. */
export function cssVariables(palette: Palette): Record<string, string> {
  return Object.fromEntries(Object.entries(palette).map(([name, value]) => [`--zl-${name}`, value]));
}

/** The colour of each kind of work. */
export const WORK_COLOURS: Record<HandWork, keyof Palette> = {
  mix: 'workMix',
  bake: 'workBake',
  build: 'workBuild',
  decorate: 'workDecorate',
  box: 'workBox',
};

import type { CutCoat, CutStratum } from './cut-piece';

/** Colours where a formula has none of its own. */
export const USUAL: Record<CutStratum['kind'] | CutCoat['kind'], string> = {
  ...{ base: '#B98A55', layer: '#D9A05B', filling: '#F3D34A', dam: '#FFF3D6', insert: '#E58F3C' },
  ...{ 'ring filling': '#F6E3A8', 'crumb coat': '#FBE9C2', 'final coat': '#FFF3D6', coat: '#F6DCA0' },
  ...{ cover: '#FFFFFF', glaze: '#E9B44C', 'flooded top': '#8A5A2B' },
};
/** Of what is put on a cake. */
export const USUAL_PUT = '#D9A0A8';
export const EDGE = '#8A7A55';

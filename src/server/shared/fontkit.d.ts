declare module 'fontkit' {
  /** As much of a font as is asked here. */
  export interface Font {
    hasGlyphForCodePoint(codePoint: number): boolean;
  }
  export function openSync(file: string): Font;
}

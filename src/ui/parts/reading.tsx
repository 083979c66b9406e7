'use client';

import { createContext, useContext, type ReactNode } from 'react';
import { METRIC, showQuantity, type Reading } from '@/core/measure/show-quantity';
import { retell } from '@/core/measure/retell';

const ReadingContext = createContext<Reading>(METRIC);

/** The units in which everything below it is read. */
export function ReadingProvider({ reading, children }: { reading: Reading; children: ReactNode }) {
  return <ReadingContext.Provider value={reading}>{children}</ReadingContext.Provider>;
}

/** Weights and sentences as they are read here. */
export function useReading(): { grams: (g: number) => string; tell: (text: string) => string } {
  const reading = useContext(ReadingContext);
  return { grams: (g) => showQuantity(g, 'mass', reading), tell: (text) => retell(text, reading) };
}

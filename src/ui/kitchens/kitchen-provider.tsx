'use client';

import { createContext, useContext, type ReactNode } from 'react';

/** The kitchen whose pages these are. */
export interface ThisKitchen {
  id: string;
  name: string;
}

const Kitchen = createContext<ThisKitchen | null>(null);

/** Says to everything below in which kitchen it is. */
export function KitchenProvider({ kitchen, children }: { kitchen: ThisKitchen; children: ReactNode }) {
  return <Kitchen value={kitchen}>{children}</Kitchen>;
}

/** The kitchen one is in; null on the pages that are of none. */
export const useKitchen = () => useContext(Kitchen);

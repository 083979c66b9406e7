'use client';

import { kitchenInPath, kitchenPath } from '@/addresses';
import { useKitchen } from './kitchen-provider';

/** Makes addresses of places in the kitchen one is in: `/orders/3` of the demo is `/k/demo/orders/3`. */
export function useInKitchen(): (place: string) => string {
  const kitchen = useKitchen();
  return (place) => (kitchen ? kitchenPath(kitchen.id, place) : place);
}

/** The same outside of components: the page’s own address says which kitchen is meant. */
export function inThisKitchen(place: string): string {
  const kitchen = kitchenInPath(globalThis.location?.pathname ?? '/');
  return kitchen === null ? place : kitchenPath(kitchen, place);
}

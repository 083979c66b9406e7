'use client';

import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { NotAnswered } from './ask';

/** How often what got no answer is asked again. */
const TRIES = 2;

/**
 * How everything is asked: again where there was no answer, not where the server refused; also without a network, as a kitchen's
 * tablets may reach its server without the internet. What nobody shows any more is forgotten.
 */
export function makeQueryClient(): QueryClient {
  return new QueryClient({
    defaultOptions: {
      queries: {
        retry: (failures, error) => failures < TRIES && !(error instanceof NotAnswered && error.refused),
        networkMode: 'always',
        refetchOnWindowFocus: false,
        staleTime: Infinity,
        gcTime: 0,
      },
    },
  });
}

export function AskingProvider({ children }: { children: ReactNode }) {
  const [client] = useState(makeQueryClient);
  return <QueryClientProvider client={client}>{children}</QueryClientProvider>;
}

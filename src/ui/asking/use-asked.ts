'use client';

import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useInKitchen } from '../kitchens/in-kitchen';
import { ask, NO_ANSWER, NotAnswered } from './ask';
import type { Question } from './questions';

/** What a screen knows of something that it asked. */
export interface Asked<A> {
  /** The answer; undefined as long as there is none. */
  answer: A | undefined;
  /** Why there is none, in words; null while it is being asked, and when it is there. */
  problem: string | null;
  /** The answer is that of the version before, as the new one is still being worked out. */
  old: boolean;
  again: () => void;
}

/**
 * The one way in which a screen asks the server for something that it shows: sent again if there is no answer, given up when the screen
 * goes or asks something else. Null asks nothing. An answer belongs to a version, such as the number of the plan: with another it is asked anew,
 * and with `keepOld` the old answer stands meanwhile.
 */
export function useAsked<A>(
  question: Question<A> | null,
  version: string | number = '',
  { keepOld = false }: { keepOld?: boolean } = {},
): Asked<A> {
  const within = useInKitchen();
  const path = question && within(question.path);
  const { data, error, isPlaceholderData, refetch } = useQuery<A>({
    queryKey: [path, version],
    queryFn: ({ signal }) => ask<A>({ path: path! }, signal),
    enabled: question !== null,
    ...(keepOld ? { placeholderData: keepPreviousData } : {}),
  });
  const words = error instanceof NotAnswered ? error.message : error && NO_ANSWER;
  return { answer: data, problem: words, old: isPlaceholderData, again: () => void refetch() };
}

import type { Kitchen } from '@/core/breakdown/kitchen';
import { sumsOf } from '@/core/compose/sums';
import { inBrowser } from './in-browser';
import type { SumsAnswer, ToSums } from './sums-messages';

/** Reckons what designs come to, beside the page: a design that is sent while another is reckoned takes its place. */

let kitchen: Kitchen | null = null;

addEventListener('message', ({ data }: MessageEvent<ToSums>) => {
  if ('kitchen' in data) {
    kitchen = inBrowser(data.kitchen);
    return;
  }
  if (!kitchen) return;
  const begun = performance.now();
  const { asked, design, answers } = data;
  let answer: SumsAnswer;
  try {
    answer = { asked, sums: sumsOf(design, answers, kitchen), ms: performance.now() - begun };
  } catch (error) {
    answer = { asked, failed: error instanceof Error ? error.message : String(error) };
  }
  postMessage(answer);
});

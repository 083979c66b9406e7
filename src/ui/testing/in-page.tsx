import { TextDecoder, TextEncoder } from 'node:util';
import createCache from '@emotion/cache';
import { CacheProvider } from '@emotion/react';
import { cleanup, render } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactNode } from 'react';
import { AskingProvider } from '../asking/asking-provider';

// What jsdom has not, and the components ask for.
Object.assign(globalThis, { TextEncoder, TextDecoder });

/** What the server answers by path; what is not in it does not answer. */
let answers: Record<string, unknown> = {};
/** Every path that was asked. */
export let asked: string[] = [];
/** What was sent with each of them that had something with it. */
export let sent: unknown[] = [];

export function serverAnswers(byPath: Record<string, unknown>): void {
  answers = byPath;
}

globalThis.fetch = ((path: string, init?: RequestInit) => {
  asked.push(path);
  if (typeof init?.body === 'string') sent.push(JSON.parse(init.body));
  if (!(path in answers)) return Promise.reject(new TypeError('Failed to fetch'));
  const body = answers[path];
  const refused = body instanceof Refusal;
  return Promise.resolve({
    ok: !refused,
    status: refused ? 422 : 200,
    json: () => Promise.resolve(refused ? { ok: false, message: body.message } : body),
  } as Response);
}) as typeof fetch;

/** An answer that refuses, in words. */
export class Refusal {
  constructor(readonly message: string) {}
}

afterEach(() => {
  cleanup();
  answers = {};
  asked = [];
  sent = [];
});

/**
 * Styles that go nowhere. Whatever is found by its role is asked for its style, and jsdom goes through all rules each time: a form took half a minute.
 */
const unstyled = createCache({ key: 'css' });
unstyled.sheet.insert = () => undefined;

/** Renders a component as pages do, and gives a hand to use it with. */
export function inPage(node: ReactNode) {
  return { hand: userEvent.setup(), ...render(node, { wrapper: Page }) };
}

const Page = ({ children }: { children: ReactNode }) => (
  <CacheProvider value={unstyled}>
    <AskingProvider>{children}</AskingProvider>
  </CacheProvider>
);

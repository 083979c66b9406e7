/**
 * Chances of being ready are reckoned anew with each plan, and so often while nothing else changes, as what should have begun and has not
 * makes them worse. Minutes.
 */
export const CHANCES_EVERY = 5;

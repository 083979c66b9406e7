/** So much of an hour, a shift or a shelf in use, and it is full: what goes wrong has nowhere to go. A share. */
export const FULL = 0.85;

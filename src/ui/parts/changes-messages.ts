/** The address of the stream to be heard; null to hear no more. */
export type ToChanges = string | null;

/** What a page hears: that there is a stream, that something has changed, that nothing is heard any more. */
export type Heard = 'open' | 'change' | 'silent';

/** A moved pickup is offered on the next full quarter of an hour. Minutes. */
export const QUARTER = 15;

/** The most overtime that is tried, and the steps in which the least is looked for. Minutes. */
export const MOST_OVERTIME = 120;

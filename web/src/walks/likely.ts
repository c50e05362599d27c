const FOUR_IN_FIVE = 80;

/** Whether what holds so often of a hundred is less than a plan is reckoned for. */
export const isDoubtful = (percent: number) => percent < FOUR_IN_FIVE;

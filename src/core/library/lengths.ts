/** Longest time that is one period, minutes, and the one under which it is short. */
export const periodMinutes = 180;
export const shortMinutes = 90;

/** How fast a practice run may go, times as fast as it is; 0: it waits. */
export const practiceSpeeds = [0, 1, 5, 20, 60, 120] as const;
export type PracticeSpeed = (typeof practiceSpeeds)[number];

/** So long an exercise goes on at most, in its own time, s: twelve hours. */
export const longestSecond = 12 * 3600;

/** The most faults that one exercise may have. */
export const mostFaults = 6;

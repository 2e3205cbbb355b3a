/** "33 %" of 0.333. */
export const percent = (share: number): string => `${Math.round(share * 100)} %`

/** How long to draw one of a shoal of which so many are drawn: the first is the largest, the last the smallest, the others even ratios between. */
export const memberLength = (largest: number, smallest: number, member: number, drawn: number): number =>
    drawn === 1 || largest === 0 ? largest : largest * (smallest / largest) ** (member / (drawn - 1))

import { formNamed } from './forms'

/** Height of a form with its fins, as a share of its length. */
export function tallness(name: string): number {
    const { upper, lower, fins, tail } = formNamed(name)
    const finHeight = (side: 'upper' | 'lower'): number =>
        Math.max(0, ...fins.filter((fin) => fin.side === side).map((fin) => fin.height))
    return name === 'ray'
        ? 1
        : 2 *
              Math.max(
                  upper.height + finHeight('upper') * 0.8,
                  lower.height + finHeight('lower') * 0.8,
                  tail.spread,
              )
}

import type { PairRow } from '../api/types'
import { ink } from '../theme/tokens'
import { daysBetween } from '../units/day'

interface Props {
    spans: PairRow['spans']
    from: string
    until: string
}

const WIDTH = 96
const HEIGHT = 10

/** Two years as a bar: plain where they may share, hatched where they are watched, crossed where they are kept apart. */
export function VerdictBar({ spans, from, until }: Props) {
    const x = (day: string): number => (WIDTH * daysBetween(from, day)) / daysBetween(from, until)
    return (
        <svg width={WIDTH} height={HEIGHT} aria-hidden="true" style={{ display: 'block' }}>
            <rect
                x={0.5}
                y={0.5}
                width={WIDTH - 1}
                height={HEIGHT - 1}
                fill={ink('water')}
                stroke={ink('ink2')}
            />
            {spans
                .filter(({ verdict }) => verdict !== 'good')
                .map((span) => (
                    <rect
                        key={span.from}
                        x={x(span.from)}
                        y={1}
                        width={Math.max(1, x(span.until ?? until) - x(span.from))}
                        height={HEIGHT - 2}
                        fill={`url(#hatch-${span.verdict === 'avoid' ? 'over' : 'close'})`}
                    />
                ))}
        </svg>
    )
}

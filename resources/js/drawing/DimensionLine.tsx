import type { Colour } from '../theme/tokens'
import { ink } from '../theme/tokens'

interface Props {
    x1: number
    x2: number
    y: number
    label?: string
    colour?: Colour
    behind?: Colour
}

const TICK = 4.5

/** A level dimension line: slash ticks, the figure in a gap of the line, or beyond its end when it does not fit. */
export function DimensionLine({ x1, x2, y, label = '', colour = 'ink', behind = 'paper' }: Props) {
    const stroke = ink(colour)
    const fits = label.length * 8.2 < x2 - x1 - 22
    return (
        <g>
            <path d={`M${x1 - 5} ${y}H${x2 + 5}`} stroke={stroke} strokeWidth={1} />
            {[x1, x2].map((x) => (
                <path
                    key={x}
                    d={`M${x - TICK} ${y - TICK}L${x + TICK} ${y + TICK}`}
                    stroke={stroke}
                    strokeWidth={1.8}
                />
            ))}
            {label !== '' && (
                <text
                    x={fits ? (x1 + x2) / 2 : x2 + 10}
                    y={y + 5}
                    textAnchor={fits ? 'middle' : 'start'}
                    fontSize={15}
                    fontWeight={600}
                    fill={stroke}
                    paintOrder="stroke"
                    stroke={ink(behind)}
                    strokeWidth={7}
                    strokeLinejoin="round"
                >
                    {label}
                </text>
            )}
        </g>
    )
}

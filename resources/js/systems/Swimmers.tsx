import { FishAbove } from '../drawing/FishAbove'
import { useUnit } from '../frame/keeper'
import { ink } from '../theme/tokens'
import { floorWords } from './floorWords'
import type { Seen, Swimmer } from './useSwimmers'
import { useSwimmers } from './useSwimmers'

/** Those who live there, the circle in which the widest turns, and their names. */
export function Swimmers(seen: Seen) {
    const unit = useUnit()
    const { swimmers, turning } = useSwimmers(seen)
    return (
        <g>
            {turning !== undefined && (
                <circle
                    cx={turning.x}
                    cy={turning.y}
                    r={turning.r}
                    fill="none"
                    stroke={ink('ink')}
                    strokeWidth={1.4}
                    strokeDasharray="9 4 2 4"
                />
            )}
            {swimmers.map((one) => (
                <FromAbove key={one.key} swimmer={one} />
            ))}
            {floorWords(swimmers, turning, seen.at, unit, seen.bounds).map((word) => (
                <text
                    key={word.key}
                    x={word.x}
                    y={word.y + 5}
                    fontSize="15"
                    fontWeight={word.isBold ? 700 : 400}
                    textAnchor="middle"
                    fill={word.colour}
                    paintOrder="stroke"
                    stroke={ink('water')}
                    strokeWidth={5}
                    strokeLinejoin="round"
                >
                    {word.text}
                </text>
            ))}
        </g>
    )
}

/** Hatched when it no longer fits. */
function FromAbove({ swimmer: { form, band, x, y, length, angle, isOver } }: { swimmer: Swimmer }) {
    return (
        <g>
            <FishAbove form={form} band={band} x={x} y={y} length={Math.max(6, length)} angle={angle} />
            {isOver && (
                <rect
                    x={-length / 2}
                    y={-length * 0.1}
                    width={length}
                    height={length * 0.2}
                    fill="url(#hatch-over)"
                    transform={`translate(${x} ${y}) rotate(${angle})`}
                />
            )}
        </g>
    )
}

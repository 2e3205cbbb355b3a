import { ink } from '../theme/tokens'

interface Props {
    x: number
    y: number
    /** Pixels of one part, and what the parts are called from zero on. */
    part: number
    labels: readonly string[]
}

export function ScaleBar({ x, y, part, labels }: Props) {
    return (
        <g transform={`translate(${x} ${y})`}>
            {labels.slice(1).map((label, i) => (
                <rect
                    key={label}
                    x={i * part}
                    y="0"
                    width={part}
                    height="7"
                    fill={i % 2 === 0 ? ink('ink') : ink('paper')}
                    stroke={ink('ink')}
                />
            ))}
            {labels.map((label, i) => (
                <text key={label} x={i * part} y="24" fontSize="14" textAnchor="middle" fill={ink('ink')}>
                    {label}
                </text>
            ))}
        </g>
    )
}

import { bandInk, ink } from '../theme/tokens'
import type { Point } from './geometry'
import { polygon } from './geometry'

interface Props {
    band: number
    x: number
    y: number
    r: number
    hollow?: boolean
}

const CORNERS: Record<number, Point[]> = {
    1: [
        [-1.05, 0.8],
        [0, -1.05],
        [1.05, 0.8],
    ],
    2: [
        [-0.85, -0.85],
        [0.85, -0.85],
        [0.85, 0.85],
        [-0.85, 0.85],
    ],
    3: [
        [0, -1.2],
        [1.2, 0],
        [0, 1.2],
        [-1.2, 0],
    ],
    4: [
        [-1.05, -0.8],
        [0, 1.05],
        [1.05, -0.8],
    ],
    6: [
        [-0.4, -1.1],
        [0.4, -1.1],
        [0.4, -0.4],
        [1.1, -0.4],
        [1.1, 0.4],
        [0.4, 0.4],
        [0.4, 1.1],
        [-0.4, 1.1],
        [-0.4, 0.4],
        [-1.1, 0.4],
        [-1.1, -0.4],
        [-0.4, -0.4],
    ],
    7: [
        [-0.55, -1],
        [0.55, -1],
        [1.1, 0],
        [0.55, 1],
        [-0.55, 1],
        [-1.1, 0],
    ],
}

/** The mark that a fish carries everywhere beside its colour, so that colour alone tells nothing. */
export function SurveyMark({ band, x, y, r, hollow = false }: Props) {
    const colour = bandInk(band)
    const line = { stroke: colour, strokeWidth: Math.max(1.5, r * 0.34), strokeLinejoin: 'round' as const }
    const fill = hollow ? ink('paper') : colour
    const corners = CORNERS[band % 8]
    if (corners !== undefined) {
        return (
            <path d={polygon(corners.map(([u, v]): Point => [x + u * r, y + v * r]))} fill={fill} {...line} />
        )
    }
    return band % 8 === 5 ? (
        <g>
            <circle cx={x} cy={y} r={r} fill={ink('paper')} {...line} />
            <circle cx={x} cy={y} r={r * 0.36} fill={colour} />
        </g>
    ) : (
        <circle cx={x} cy={y} r={r * 0.92} fill={fill} {...line} />
    )
}

/** The mark by itself, beside a name. */
export function MarkIcon({ band, size = 16 }: { band: number; size?: number }) {
    return (
        <svg
            width={size}
            height={size}
            aria-hidden="true"
            style={{ display: 'inline-block', verticalAlign: '-2px' }}
        >
            <SurveyMark band={band} x={size / 2} y={size / 2} r={size * 0.36} />
        </svg>
    )
}

import type { Point } from '../drawing/geometry'
import { polygon } from '../drawing/geometry'
import { ink } from '../theme/tokens'
import type { LaidPool } from './pools'

/** One pool from above with its dividers. */
export function Pool({ pool, scale }: { pool: LaidPool; scale: number }) {
    return (
        <g>
            <path
                d={polygon(pool.outline.map(([a, b]): Point => [a * scale, b * scale]))}
                fill={ink('water')}
                stroke={ink('ink')}
                strokeWidth={2}
                strokeLinejoin="round"
            />
            {pool.dividers.map((one) => (
                <path
                    key={one.x}
                    d={`M${one.x * scale} ${one.top * scale}V${one.bottom * scale}`}
                    stroke={ink('ink')}
                    strokeWidth={2}
                    strokeDasharray="6 3"
                />
            ))}
        </g>
    )
}

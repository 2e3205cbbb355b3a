import type { PlanPage } from '../api/types'
import { planWords } from '../messages/plan'
import { ink } from '../theme/tokens'
import { daysBetween, shortDay } from '../units/day'
import { LETTERING, type X } from './Lane'
import type { Layout } from './layout'
import type { Held } from './useDragging'

const LETTER = 8

/** Where a band that is carried would come to lie. */
export function Ghost({ held, page, layout, x }: { held: Held; page: PlanPage; layout: Layout; x: X }) {
    const lane = layout.lanes.find(({ row }) => row.key === held.key)
    if (lane === undefined) {
        return null
    }
    const at = x(daysBetween(page.date, held.on))
    const text = planWords.tried.ghost({
        name: held.band.name,
        home: lane.row.name,
        day: shortDay(held.on, page.date),
    })
    const isLate = at + LETTER * text.length > x(layout.days)
    return (
        <g pointerEvents="none">
            <rect
                x={at}
                y={lane.top}
                width={Math.max(0, x(layout.days) - at)}
                height={lane.floor - lane.top}
                fill="none"
                stroke={ink('accent')}
                strokeWidth={2.4}
                strokeDasharray="7 5"
            />
            <text
                {...LETTERING}
                x={isLate ? at - 6 : at + 6}
                y={lane.top - 5}
                textAnchor={isLate ? 'end' : 'start'}
                fontSize="15"
                fill={ink('accent')}
                stroke={ink('paper')}
            >
                {text}
            </text>
        </g>
    )
}

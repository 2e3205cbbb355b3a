import type { HomeFeeding } from '../api/types'
import { foodWords } from '../messages/food'
import { ink } from '../theme/tokens'
import { shortDay } from '../units/day'

const HEIGHT = 120
const TOP = 18
const FLOOR = 96
const LEAST_TOP = 1.4

/** Shown at most; older ones count for growth all the same. */
const WEEKS = 26

interface Props {
    weeks: HomeFeeding['weeks']
    today: string
    width: number
}

/** What was given week by week, the part that was eaten solid, against the ration by the book. */
export function FedWeeks({ weeks, today, width }: Props) {
    const shown = weeks.slice(-WEEKS)
    const most = Math.max(LEAST_TOP, ...shown.map((week) => week.given))
    const step = Math.min(46, (width - 4) / shown.length)
    const yOf = (share: number): number => FLOOR - (share / most) * (FLOOR - TOP)
    const first = shown[0]
    const last = shown[shown.length - 1]
    return (
        <svg
            width={width}
            height={HEIGHT}
            role="img"
            aria-label={foodWords.home.weeks}
            style={{ display: 'block' }}
        >
            <path d={`M0 ${FLOOR}H${width}`} stroke={ink('ink')} strokeWidth={1.6} />
            {shown.map((week, i) => (
                <g key={week.monday}>
                    <rect
                        x={i * step + 3}
                        y={yOf(week.given)}
                        width={step - 6}
                        height={FLOOR - yOf(week.given)}
                        fill="none"
                        stroke={ink('ink2')}
                        strokeWidth={1.4}
                    />
                    <rect
                        x={i * step + 3}
                        y={yOf(week.eaten)}
                        width={step - 6}
                        height={FLOOR - yOf(week.eaten)}
                        fill={ink('waterline')}
                    />
                </g>
            ))}
            <path d={`M0 ${yOf(1)}H${width}`} stroke={ink('ink')} strokeDasharray="6 4" strokeWidth={1.4} />
            <text x={width - 2} y={yOf(1) - 5} textAnchor="end" fontSize={14} fill={ink('ink2')}>
                {foodWords.home.byTheBook}
            </text>
            {first !== undefined && last !== undefined && (
                <>
                    <text x={0} y={HEIGHT - 6} fontSize={14} fill={ink('ink2')}>
                        {shortDay(first.monday, today)}
                    </text>
                    {shown.length > 4 && (
                        <text
                            x={shown.length * step}
                            y={HEIGHT - 6}
                            textAnchor="end"
                            fontSize={14}
                            fill={ink('ink2')}
                        >
                            {shortDay(last.monday, today)}
                        </text>
                    )}
                </>
            )}
        </svg>
    )
}

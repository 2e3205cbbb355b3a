import type { CultureRow } from '../api/types'
import { foodWords } from '../messages/food'
import { ink } from '../theme/tokens'
import { daysBetween, shortDay } from '../units/day'

const HEIGHT = 132
const TOP = 20
const FLOOR = 108

/** How a culture grew and was taken from, with its counts, against the room it has. */
export function CulturePicture({
    culture,
    today,
    width,
}: {
    culture: CultureRow
    today: string
    width: number
}) {
    const words = foodWords.culture
    const days = Math.max(7, daysBetween(culture.started_on, today))
    const most = 1.05 * Math.max(culture.room_fitted, ...culture.counts.map((one) => one.number), culture.now)
    const xOf = (day: string): number => 2 + (daysBetween(culture.started_on, day) / days) * (width - 10)
    const yOf = (number: number): number => FLOOR - (number / most) * (FLOOR - TOP)
    const half = culture.room_fitted / 2
    const line = [...culture.course, { date: today, number: culture.now }]
        .map(
            ({ date, number }, i) =>
                `${i === 0 ? 'M' : 'L'}${xOf(date).toFixed(1)} ${yOf(number).toFixed(1)}`,
        )
        .join('')
    return (
        <svg
            width={width}
            height={HEIGHT}
            role="img"
            aria-label={words.picture({
                name: culture.name,
                now: culture.now,
                room: culture.room_fitted,
            })}
            style={{ display: 'block' }}
        >
            <path d={`M0 ${FLOOR}H${width}`} stroke={ink('ink')} strokeWidth={1.6} />
            <path d={line} fill="none" stroke={ink('waterline')} strokeWidth={2.6} strokeLinejoin="round" />
            {culture.counts.map((one) => (
                <path
                    key={`${one.date} ${one.number}`}
                    d={`M${xOf(one.date)} ${yOf(one.number) - 6}l6 6l-6 6l-6 -6z`}
                    fill={ink('paper')}
                    stroke={ink('ink')}
                    strokeWidth={1.8}
                />
            ))}
            {[
                [culture.room_fitted, words.full({ n: culture.room_fitted })] as const,
                [half, words.half({ n: Math.round(half) })] as const,
            ].map(([number, label], i) => (
                <g key={label}>
                    <path
                        d={`M0 ${yOf(number)}H${width}`}
                        stroke={i === 0 ? ink('ink2') : ink('fit')}
                        strokeDasharray={i === 0 ? undefined : '5 4'}
                        strokeWidth={1.2}
                    />
                    <text
                        x={4}
                        y={yOf(number) - 5}
                        fontSize={14}
                        fill={i === 0 ? ink('ink2') : ink('fit')}
                        stroke={ink('paper')}
                        strokeWidth={4}
                        paintOrder="stroke"
                    >
                        {label}
                    </text>
                </g>
            ))}
            <text x={2} y={HEIGHT - 6} fontSize={14} fill={ink('ink2')}>
                {shortDay(culture.started_on, today)}
            </text>
            <text x={width - 4} y={HEIGHT - 6} textAnchor="end" fontSize={14} fill={ink('ink2')}>
                {foodWords.today}
            </text>
        </svg>
    )
}

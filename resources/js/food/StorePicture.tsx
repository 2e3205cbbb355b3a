import type { FoodRow, PurchaseRow, Units } from '../api/types'
import { useKeeper } from '../frame/keeper'
import { foodWords as words } from '../messages/food'
import { ink } from '../theme/tokens'
import { addDays, daysBetween, longDay, shortDay } from '../units/day'
import { amountWords } from './amounts'

const ROW = 46
const TOP = 28
const BAR = 14
const AHEAD_DAYS = 120
const NARROW = 560
const MONTH = 30

/** What lasts longer is not told by the day. */
const LONG_DAYS = 400

interface Props {
    /** Those that are fed. */
    foods: readonly FoodRow[]
    shopping: readonly PurchaseRow[]
    today: string
    width: number
    onChoose: (food: FoodRow) => void
}

interface Scale {
    width: number
    left: number
    isNarrow: boolean
    today: string
    xOf: (day: string) => number
}

/** How long each food lasts, along one tape of days: what ends first stands first. */
export function StorePicture({ foods, shopping, today, width, onChoose }: Props) {
    const { units } = useKeeper()
    const isNarrow = width < NARROW
    const left = isNarrow ? 8 : 176
    const height = isNarrow ? ROW + 18 : ROW
    const perDay = (width - left - 16) / AHEAD_DAYS
    const xOf = (day: string): number =>
        left + Math.max(0, Math.min(AHEAD_DAYS, daysBetween(today, day))) * perDay
    const scale: Scale = { width, left, isNarrow, today, xOf }
    const rows = [...foods].sort((a, b) =>
        (a.runs_out?.early ?? today).localeCompare(b.runs_out?.early ?? today),
    )
    const bottom = TOP + rows.length * height
    return (
        <svg
            width={width}
            height={bottom + 8}
            role="group"
            aria-label={words.storeLine}
            style={{ display: 'block' }}
        >
            <defs>
                <linearGradient id="store-fades">
                    <stop offset="0" stopColor={ink('waterline')} stopOpacity="0.75" />
                    <stop offset="1" stopColor={ink('waterline')} stopOpacity="0.08" />
                </linearGradient>
            </defs>
            <Months scale={scale} bottom={bottom} />
            {rows.map((food, i) => (
                <g
                    key={food.id}
                    role="button"
                    tabIndex={0}
                    aria-label={`${food.name} ${leftWords(food, units)}: ${lastsWords(food, today)}`}
                    style={{ cursor: 'pointer' }}
                    transform={`translate(0 ${TOP + i * height})`}
                    onClick={() => onChoose(food)}
                    onKeyDown={(event) => {
                        if (event.key === 'Enter' || event.key === ' ') {
                            event.preventDefault()
                            onChoose(food)
                        }
                    }}
                >
                    <rect x={0} y={0} width={width} height={height} fill="transparent" />
                    <FoodName food={food} scale={scale} />
                    <FoodBar
                        food={food}
                        buy={shopping.find((one) => one.food_id === food.id)}
                        scale={scale}
                    />
                </g>
            ))}
        </svg>
    )
}

function Months({ scale, bottom }: { scale: Scale; bottom: number }) {
    const months = Array.from({ length: AHEAD_DAYS / MONTH }, (_, i) => addDays(scale.today, i * MONTH))
    return months.map((day, i) => (
        <g key={day} aria-hidden="true">
            <path d={`M${scale.xOf(day)} ${TOP - 6}V${bottom}`} stroke={ink('rule')} strokeWidth={1} />
            <text
                x={scale.xOf(day)}
                y={16}
                textAnchor={i === 0 ? 'start' : 'middle'}
                fontSize={14}
                fill={ink('ink2')}
            >
                {i === 0 ? words.today : scale.isNarrow && i % 2 === 1 ? '' : shortDay(day, scale.today)}
            </text>
        </g>
    ))
}

function FoodName({ food, scale }: { food: FoodRow; scale: Scale }) {
    const { units } = useKeeper()
    const { isNarrow, left, width } = scale
    return (
        <>
            <text
                x={isNarrow ? left : 0}
                y={isNarrow ? 18 : 20}
                fontSize={16}
                fontWeight={700}
                fill={ink('ink')}
            >
                {`${food.name} `}
            </text>
            <text
                x={isNarrow ? width - 8 : 0}
                y={isNarrow ? 18 : 37}
                textAnchor={isNarrow ? 'end' : 'start'}
                fontSize={14}
                fill={food.left === null ? ink('over') : ink('ink2')}
            >
                {leftWords(food, units)}
            </text>
        </>
    )
}

interface BarProps {
    food: FoodRow
    /** When to buy it; none: not soon. */
    buy: PurchaseRow | undefined
    scale: Scale
}

function FoodBar({ food: { runs_out: span }, buy, scale: { width, left, isNarrow, xOf } }: BarProps) {
    const y = isNarrow ? 20 : 0
    return (
        <>
            <path d={`M${left} ${y + 28}H${width - 16}`} stroke={ink('rule')} strokeWidth={1} />
            {span !== null && (
                <>
                    <rect
                        x={left}
                        y={y + 14}
                        width={Math.max(1, xOf(span.early) - left)}
                        height={BAR}
                        fill={ink('waterline')}
                    />
                    <rect
                        x={xOf(span.early)}
                        y={y + 14}
                        width={Math.max(0, xOf(span.late) - xOf(span.early))}
                        height={BAR}
                        fill="url(#store-fades)"
                    />
                    <path
                        d={`M${xOf(span.likely)} ${y + 10}v${BAR + 8}`}
                        stroke={ink('ink')}
                        strokeWidth={2}
                    />
                </>
            )}
            {buy !== undefined && (
                <path d={`M${xOf(buy.by)} ${y + 14}l-6 -10h12z`} fill={ink(buy.is_due ? 'over' : 'ink')} />
            )}
        </>
    )
}

const leftWords = (food: FoodRow, units: Units): string =>
    food.left === null ? words.noStock : words.left({ amount: amountWords(food.left, food.unit, units) })

export function lastsWords(food: FoodRow, today: string): string {
    if (food.per_day <= 0) {
        return words.notFed
    }
    if (food.runs_out !== null && daysBetween(today, food.runs_out.early) > LONG_DAYS) {
        return words.forLong
    }
    return food.runs_out === null
        ? words.noStock
        : words.until({
              early: longDay(food.runs_out.early, today),
              late: longDay(food.runs_out.late, today),
          })
}

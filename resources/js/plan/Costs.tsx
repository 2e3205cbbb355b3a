import { chakra } from '@chakra-ui/react'
import type { CostMonth, PlanPage } from '../api/types'
import { Figures } from '../frame/Figures'
import { useKeeper } from '../frame/keeper'
import { Fold } from '../frame/Fold'
import { useWidth } from '../frame/useWidth'
import { planWords } from '../messages/plan'
import { ink } from '../theme/tokens'
import { monthOfYear } from '../units/day'
import { money } from '../units/money'

const words = planWords.costs
const HEIGHT = 144
const FLOOR = 96
const LEFT = 4
const PARTS = ['food', 'water', 'power'] as const
const FILLS = { food: ink('done'), water: ink('water'), power: 'url(#hatch-ground)' } as const

/** Food, water, power and homes along the plan: month by month, and by year. */
export function Costs({ page }: { page: PlanPage }) {
    const { currency } = useKeeper()
    const perYear = words.perYear({ sum: money(page.per_year, currency) })
    return (
        <Fold title={words.title} says={perYear}>
            <chakra.p paddingTop="8px">
                <b>{perYear}</b>
                {page.openings_price > 0 &&
                    ` ${words.openings({ sum: money(page.openings_price, currency) })}`}
            </chakra.p>
            <Months costs={page.costs} />
            <Figures
                columns={[words.year, words.food, words.water, words.power, words.homes, words.sum]}
                rows={page.cost_years.map((year) => [
                    year.year,
                    ...[year.food, year.water, year.power, year.openings, year.whole].map((sum) =>
                        money(sum, currency),
                    ),
                ])}
            />
            <chakra.p color="ink2" fontSize="note">
                {words.note({ year: page.cost_years.at(-1)?.year ?? '' })}
            </chakra.p>
        </Fold>
    )
}

/** A bar for each month, as wide as its days: food below, water, power above. */
function Months({ costs }: { costs: readonly CostMonth[] }) {
    const { currency } = useKeeper()
    const [box, width] = useWidth<HTMLDivElement>()
    const days = costs.reduce((sum, month) => sum + month.days, 0)
    // A part of a month is drawn as dear as a whole one of the same days.
    const dearest = Math.max(1e-9, ...costs.map((month) => month.running / month.days))
    const perDay = Math.max(0, width - 2 * LEFT) / Math.max(1, days)
    const leftOf = (i: number): number =>
        LEFT + perDay * costs.slice(0, i).reduce((sum, month) => sum + month.days, 0)
    return (
        <div ref={box}>
            {width > 0 && (
                <svg
                    width={width}
                    height={HEIGHT}
                    role="img"
                    aria-label={words.drawn({
                        months: costs
                            .map((month) =>
                                words.month({
                                    month: monthOfYear(month.from),
                                    sum: money(month.running, currency),
                                }),
                            )
                            .join('; '),
                    })}
                    style={{ display: 'block' }}
                >
                    {costs.map((month, i) => (
                        <Month
                            key={month.from}
                            month={month}
                            x={leftOf(i)}
                            width={month.days * perDay}
                            scale={(FLOOR - 12) / dearest / month.days}
                            isNamed={month.from.slice(5, 7) === '01'}
                        />
                    ))}
                    <path d={`M${LEFT} ${FLOOR}H${width - LEFT}`} stroke={ink('ink')} strokeWidth={1.4} />
                    <Key x={width} />
                </svg>
            )}
        </div>
    )
}

function Month({
    month,
    x,
    width,
    scale,
    isNamed,
}: {
    month: CostMonth
    x: number
    width: number
    scale: number
    isNamed: boolean
}) {
    const below = (i: number): number => PARTS.slice(0, i).reduce((sum, part) => sum + month[part], 0)
    return (
        <g>
            {PARTS.map((part, i) => (
                <rect
                    key={part}
                    x={x + 1}
                    y={FLOOR - scale * (below(i) + month[part])}
                    width={Math.max(1, width - 2)}
                    height={scale * month[part]}
                    fill={FILLS[part]}
                    stroke={ink('edge')}
                    strokeWidth={0.8}
                />
            ))}
            {month.openings > 0 && (
                <path d={`M${x + width / 2 - 5} 2h10l-5 7z`} fill={ink('ink')} aria-hidden="true" />
            )}
            {isNamed && (
                <text x={x + 2} y={FLOOR + 17} fontSize="14" fill={ink('ink')}>
                    {monthOfYear(month.from)}
                </text>
            )}
        </g>
    )
}

/** What the fills mean, at the right below the months. */
function Key({ x }: { x: number }) {
    return (
        <g>
            {[...PARTS].reverse().map((part, i) => (
                <g key={part}>
                    <rect
                        x={x - 70 * (i + 1)}
                        y={FLOOR + 28}
                        width={12}
                        height={12}
                        fill={FILLS[part]}
                        stroke={ink('edge')}
                        strokeWidth={0.8}
                    />
                    <text x={x - 70 * (i + 1) + 17} y={FLOOR + 39} fontSize="14" fill={ink('ink')}>
                        {words[part]}
                    </text>
                </g>
            ))}
        </g>
    )
}

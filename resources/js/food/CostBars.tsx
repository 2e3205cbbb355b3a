import type { CostSheet } from '../api/types'
import { useKeeper } from '../frame/keeper'
import { foodWords } from '../messages/food'
import { ink } from '../theme/tokens'
import type { Colour } from '../theme/tokens'
import { whole } from './cost'
import { money } from '../units/money'

const ROW = 44
const BAR = 18
const LEGEND = 26

const KINDS = [
    ['food', 'close'],
    ['water', 'waterline'],
    ['power', 'unc'],
] as const satisfies readonly (readonly ['food' | 'water' | 'power', Colour])[]

/** What each home costs in the year to come, all to one scale. */
export function CostBars({ systems, width }: { systems: CostSheet['systems']; width: number }) {
    const { currency } = useKeeper()
    const words = foodWords.costs
    const most = Math.max(1, ...systems.map(({ cost }) => whole(cost)))
    const scale = (width - 4) / most
    return (
        <svg
            width={width}
            height={LEGEND + systems.length * ROW}
            role="img"
            aria-label={words.picture}
            style={{ display: 'block' }}
        >
            {KINDS.map(([kind, colour], i) => (
                <g key={kind}>
                    <rect x={i * 84} y={9} width={13} height={13} fill={ink(colour)} />
                    <text x={i * 84 + 18} y={21} fontSize={15} fill={ink('ink2')}>
                        {words.kinds[kind]}
                    </text>
                </g>
            ))}
            {systems.map((system, row) => {
                const y = LEGEND + row * ROW
                return (
                    <g key={system.system_id}>
                        <text x={0} y={y + 17} fontSize={16} fontWeight={700} fill={ink('ink')}>
                            {system.name}
                        </text>
                        <text x={width - 2} y={y + 17} textAnchor="end" fontSize={15} fill={ink('ink2')}>
                            {money(whole(system.cost), currency)}
                        </text>
                        {KINDS.map(([kind, colour], i) => (
                            <rect
                                key={kind}
                                x={
                                    KINDS.slice(0, i).reduce((sum, [one]) => sum + system.cost[one], 0) *
                                    scale
                                }
                                y={y + 23}
                                width={system.cost[kind] * scale}
                                height={BAR}
                                fill={ink(colour)}
                            />
                        ))}
                    </g>
                )
            })}
        </svg>
    )
}

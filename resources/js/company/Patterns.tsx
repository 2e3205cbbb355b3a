import { Box } from '@chakra-ui/react'
import type { AggressionSheet } from '../api/types'
import { Figures } from '../frame/Figures'
import { Fold } from '../frame/Fold'
import { Section } from '../frame/Section'
import { messages } from '../messages'
import { aggressionWords as words } from '../messages/aggression'
import { longDay } from '../units/day'

/** In what light it happens, each as a bar to one scale. */
export function Lights({ lights }: { lights: AggressionSheet['lights'] }) {
    const most = Math.max(1, ...lights.map(({ acts }) => acts))
    return (
        <Fold title={words.light.title}>
            <Box as="dl" display="grid" gridTemplateColumns="170px 1fr 34px" gap="6px 10px" paddingTop="8px">
                {lights.map(({ light, words: said, acts }) => (
                    <Box key={light} display="contents">
                        <dt>{said}</dt>
                        <Box aria-hidden="true" alignSelf="center" height="12px" background="rule">
                            <Box height="100%" width={`${(100 * acts) / most}%`} background="accent" />
                        </Box>
                        <Box as="dd" textAlign="end">
                            {acts}
                        </Box>
                    </Box>
                ))}
            </Box>
        </Fold>
    )
}

export function PairsTable({ pairs }: { pairs: AggressionSheet['pairs'] }) {
    const { title, ...columns } = words.pairs
    return (
        <Fold title={title}>
            <Figures
                columns={Object.values(columns)}
                rows={pairs.map((pair) => [pair.actor, pair.target, pair.acts, pair.harmful])}
            />
        </Fold>
    )
}

/** How much was seen in the week before each change and in the week from it on. */
export function AroundTable({ rows, today }: { rows: AggressionSheet['around']; today: string }) {
    const { title, what, day, before, after, soFar } = words.around
    return (
        <Fold title={title}>
            <Figures
                columns={[what, day, before, after]}
                rows={rows.map((row) => [
                    row.change.words,
                    longDay(row.change.date, today),
                    row.before,
                    row.is_going_on ? soFar({ n: row.after }) : row.after,
                ])}
            />
        </Fold>
    )
}

/** Those that died, went or vanished here, and who ate them if that was seen. */
export function LossTable({ losses, today }: { losses: AggressionSheet['losses']; today: string }) {
    const { title, who, day, how, by } = words.losses
    return (
        <Section title={title}>
            <Figures
                columns={[who, day, how]}
                rows={losses.map((loss) => {
                    const said = messages.labels.losses[loss.kind]
                    return [
                        loss.count === 1 ? loss.name : `${loss.count} × ${loss.name}`,
                        longDay(loss.date, today),
                        loss.eater === null ? said : by({ how: said, eater: loss.eater }),
                    ]
                })}
            />
        </Section>
    )
}

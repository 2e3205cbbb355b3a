import { Box, Table } from '@chakra-ui/react'
import { Link } from '@tanstack/react-router'
import type { AggressionSheet, FishRow } from '../api/types'
import { MarkIcon } from '../drawing/SurveyMark'
import { Section } from '../frame/Section'
import { aggressionWords } from '../messages/aggression'
import { ink } from '../theme/tokens'
import { percent } from '../units/share'

const words = aggressionWords.rank

/** Who stands above whom, each on one line of scores, and what it was reckoned from. */
export function Standings({
    standings,
    fish,
}: {
    standings: AggressionSheet['standings']
    fish: readonly FishRow[]
}) {
    const most = Math.max(0.5, ...standings.map(({ score }) => Math.abs(score)))
    return (
        <Section title={words.title}>
            <Box overflowX="auto">
                <Table.Root>
                    <Table.Header>
                        <Table.Row>
                            <Table.ColumnHeader>{words.who}</Table.ColumnHeader>
                            <Table.ColumnHeader>{words.score}</Table.ColumnHeader>
                            <Table.ColumnHeader>{words.won}</Table.ColumnHeader>
                            <Table.ColumnHeader>{words.lost}</Table.ColumnHeader>
                            <Table.ColumnHeader>{words.first}</Table.ColumnHeader>
                        </Table.Row>
                    </Table.Header>
                    <Table.Body>
                        {standings.map((one) => (
                            <Table.Row key={one.fish_id}>
                                <Table.Cell whiteSpace="nowrap">
                                    <MarkIcon band={fish.find(({ id }) => id === one.fish_id)?.band ?? 0} />{' '}
                                    <Link to="/fish/$id" params={{ id: one.fish_id }}>
                                        {one.name}
                                    </Link>
                                </Table.Cell>
                                <Table.Cell>
                                    <Score score={one.score} most={most} />
                                </Table.Cell>
                                <Table.Cell>{one.won}</Table.Cell>
                                <Table.Cell>{one.lost}</Table.Cell>
                                <Table.Cell>{percent(one.first)}</Table.Cell>
                            </Table.Row>
                        ))}
                    </Table.Body>
                </Table.Root>
            </Box>
        </Section>
    )
}

const WIDTH = 120
const HEIGHT = 18

/** A score right or left of the middle, all to one scale. */
function Score({ score, most }: { score: number; most: number }) {
    const middle = WIDTH / 2
    const x = middle + (score / most) * (middle - 8)
    return (
        <Box display="flex" alignItems="center" gap="8px">
            <svg width={WIDTH} height={HEIGHT} aria-hidden="true">
                <path d={`M4 ${HEIGHT / 2}H${WIDTH - 4}`} stroke={ink('rule')} strokeWidth={1} />
                <path d={`M${middle} 2V${HEIGHT - 2}`} stroke={ink('ink2')} strokeWidth={1} />
                <path d={`M${middle} ${HEIGHT / 2}H${x}`} stroke={ink('accent')} strokeWidth={3} />
                <circle cx={x} cy={HEIGHT / 2} r={5} fill={ink('accent')} />
            </svg>
            {score.toFixed(1)}
        </Box>
    )
}

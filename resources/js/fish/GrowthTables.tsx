import { messages } from '../messages'
import { waterWord, windowWords } from './sentences'
import { Box, chakra, Table } from '@chakra-ui/react'
import type { FishSheet } from '../api/types'
import { useUnit } from '../frame/keeper'
import { monthOfYear } from '../units/day'
import { bare, measured } from '../units/length'

const QUARTERS = 6

/** The picture as tables: every home with its date, and the length to come. */
export function GrowthTables({ sheet }: { sheet: FishSheet }) {
    const unit = useUnit()
    const columns = messages.fish.homeColumns
    const ahead = sheet.ahead.filter((_, i) => i % QUARTERS === 0)
    return (
        <Box display="flex" flexDirection="column" gap="16px" paddingInline="10px" overflowX="auto">
            <chakra.h2 fontSize="said" fontWeight={800}>
                {messages.fish.homes}
            </chakra.h2>
            <Table.Root>
                <Table.Header>
                    <Table.Row>
                        {[columns.name, columns.limit, columns.why, columns.when, columns.water].map(
                            (name) => (
                                <Table.ColumnHeader key={name}>{name}</Table.ColumnHeader>
                            ),
                        )}
                    </Table.Row>
                </Table.Header>
                <Table.Body>
                    {sheet.homes.map((home) => (
                        <Table.Row key={home.system_id}>
                            <Table.Cell fontWeight={home.system_id === sheet.fish.home.system_id ? 700 : 400}>
                                {home.name}
                            </Table.Cell>
                            <Table.Cell>{measured(home.limit_mm, unit)}</Table.Cell>
                            <Table.Cell>{home.reason}</Table.Cell>
                            <Table.Cell>{windowWords(home.outgrows, sheet.today)}</Table.Cell>
                            <Table.Cell>{waterWord(home)}</Table.Cell>
                        </Table.Row>
                    ))}
                </Table.Body>
            </Table.Root>
            <chakra.h2 fontSize="said" fontWeight={800}>
                {messages.fish.ahead}
            </chakra.h2>
            <Table.Root>
                <Table.Header>
                    <Table.Row>
                        {['', '10 %', '50 %', '90 %'].map((name) => (
                            <Table.ColumnHeader key={name}>{name}</Table.ColumnHeader>
                        ))}
                    </Table.Row>
                </Table.Header>
                <Table.Body>
                    {ahead.map((point) => (
                        <Table.Row key={point.date}>
                            <Table.Cell>{monthOfYear(point.date)}</Table.Cell>
                            {[0, 4, 8].map((i) => (
                                <Table.Cell key={i}>
                                    {bare(point.quantiles_mm[i] ?? 0, unit)} {unit.word}
                                </Table.Cell>
                            ))}
                        </Table.Row>
                    ))}
                </Table.Body>
            </Table.Root>
        </Box>
    )
}

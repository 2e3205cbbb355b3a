import { Table } from '@chakra-ui/react'
import { joined } from '../messages/joined'
import { Sideways } from './Sideways'

/** A figure and its unit stay on one line. */
const SHORT = 8

/** A plain table of words and figures; rows keep their order. */
export function Figures({
    columns,
    rows,
}: {
    columns: readonly string[]
    rows: readonly (readonly (string | number)[])[]
}) {
    return (
        <Sideways label={joined(columns)}>
            <Table.Root>
                <Table.Header>
                    <Table.Row>
                        {columns.map((name) => (
                            <Table.ColumnHeader key={name}>{name}</Table.ColumnHeader>
                        ))}
                    </Table.Row>
                </Table.Header>
                <Table.Body>
                    {rows.map((row, i) => (
                        <Table.Row key={i}>
                            {row.map((cell, j) => (
                                <Table.Cell
                                    key={columns[j]}
                                    whiteSpace={String(cell).length <= SHORT ? 'nowrap' : undefined}
                                >
                                    {cell}
                                </Table.Cell>
                            ))}
                        </Table.Row>
                    ))}
                </Table.Body>
            </Table.Root>
        </Sideways>
    )
}

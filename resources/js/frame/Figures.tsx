import { chakra, Table } from '@chakra-ui/react'
import { joined } from '../messages/joined'
import { Sideways } from './Sideways'
import { useIsNarrow } from './useIsNarrow'

/** A figure and its unit stay on one line. */
const SHORT = 8

/** More do not stand beside each other on a phone. */
const MOST_COLUMNS = 4

interface Props {
    columns: readonly string[]
    rows: readonly (readonly (string | number)[])[]
}

/** A plain table of words and figures; rows keep their order. */
export function Figures({ columns, rows }: Props) {
    const isNarrow = useIsNarrow()
    if (isNarrow && columns.length > MOST_COLUMNS) {
        return <OneByOne columns={columns} rows={rows} />
    }
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

/** Each row by itself, its figures under their names. */
const OneByOne = ({ columns: [, ...names], rows }: Props) => (
    <ol>
        {rows.map(([first, ...figures], i) => (
            <chakra.li
                key={i}
                listStyleType="none"
                paddingBlock="10px"
                borderBottom="1px solid"
                borderColor="rule"
            >
                <b>{first}</b>
                <chakra.dl
                    display="grid"
                    gridTemplateColumns="repeat(auto-fill, minmax(140px, 1fr))"
                    gap="6px 16px"
                    paddingTop="4px"
                >
                    {figures.map((figure, j) => (
                        <div key={names[j]}>
                            <chakra.dt color="ink2" fontSize="note">
                                {names[j]}
                            </chakra.dt>
                            <dd>{figure}</dd>
                        </div>
                    ))}
                </chakra.dl>
            </chakra.li>
        ))}
    </ol>
)

import { chakra, Table } from '@chakra-ui/react'
import type { LoadSheet } from '../api/types'
import { Section } from '../frame/Section'
import { systemsWords } from '../messages/systems'
import { percent } from '../units/share'

/** What becomes of nitrate under the weekly change, by the book and as the tests of this home show. */
export function Nitrate({ load: { nitrate } }: { load: LoadSheet }) {
    const rows = [
        {
            how: systemsWords.load.byBook,
            peak: nitrate.book_peak,
            trough: nitrate.book_trough,
            least: nitrate.least_by_book,
        },
        {
            how:
                nitrate.spans === 0
                    ? systemsWords.load.byExperience
                    : systemsWords.load.byTests({ spans: nitrate.spans }),
            peak: nitrate.likely_peak,
            trough: nitrate.likely_trough,
            least: nitrate.least_likely,
        },
    ]
    return (
        <Section title={systemsWords.load.nitrate}>
            <chakra.p fontWeight={700} paddingTop="10px">
                {nitrate.sentence}
            </chakra.p>
            <Table.Root>
                <Table.Caption srOnly>{systemsWords.load.nitrate}</Table.Caption>
                <Table.Header>
                    <Table.Row>
                        <Table.ColumnHeader>{systemsWords.load.nitrate}</Table.ColumnHeader>
                        <Table.ColumnHeader>{systemsWords.load.nitrateColumns.peak}</Table.ColumnHeader>
                        <Table.ColumnHeader>{systemsWords.load.nitrateColumns.trough}</Table.ColumnHeader>
                        <Table.ColumnHeader>{systemsWords.load.nitrateColumns.least}</Table.ColumnHeader>
                    </Table.Row>
                </Table.Header>
                <Table.Body>
                    {rows.map((row) => (
                        <Table.Row key={row.how}>
                            <Table.Cell>{row.how}</Table.Cell>
                            <Table.Cell fontWeight={600} color={row.peak > nitrate.target ? 'close' : 'fit'}>
                                {Math.round(row.peak)} mg/l
                            </Table.Cell>
                            <Table.Cell>{Math.round(row.trough)} mg/l</Table.Cell>
                            <Table.Cell>
                                {row.least > 1 ? systemsWords.load.over : percent(row.least)}
                            </Table.Cell>
                        </Table.Row>
                    ))}
                </Table.Body>
            </Table.Root>
            <chakra.p color="ink2" fontSize="note" paddingTop="4px">
                {nitrate.spans === 0
                    ? `${systemsWords.load.bookNote} ${systemsWords.load.noTests}`
                    : `${systemsWords.load.bookNote} ${systemsWords.load.testsNote({ share: nitrate.yield })}`}
            </chakra.p>
        </Section>
    )
}

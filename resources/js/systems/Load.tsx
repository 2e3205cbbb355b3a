import { Box, Button, chakra, Table } from '@chakra-ui/react'
import { useState } from 'react'
import type { LoadSheet, SystemPage } from '../api/types'
import { Fact } from '../frame/Fact'
import { useKeeper } from '../frame/keeper'
import { Section } from '../frame/Section'
import { monthOfYear } from '../units/day'
import { massWords } from '../units/length'
import { percent } from '../units/share'
import { weight } from '../units/volume'
import { systemWords } from '../words/systems'

const said = systemWords.load
const MONTHS_APART = 3

/** What the fish ask of the water, today and as they grow, and what that does to nitrate. */
export function Load({ page: { load, system } }: { page: SystemPage }) {
    const { unit_system: units } = useKeeper()
    const today = load.months[0]
    const [aheadShown, showAhead] = useState(false)
    if (today === undefined) {
        return null
    }
    return (
        <Section title={said.title}>
            <chakra.dl margin="0" paddingTop="6px">
                <Fact isLong name={said.mass}>
                    {massWords(today.mass_g)}
                </Fact>
                <Fact isLong name={said.feed}>
                    {today.feed_g.toFixed(1)} g
                </Fact>
                <Fact isLong name={said.ammonia}>
                    {today.ammonia_g.toFixed(2)} g N
                </Fact>
                <Fact isLong name={said.capacity}>
                    {load.capacity_g === null
                        ? systemWords.noMedia
                        : `${load.capacity_g.toFixed(1)} g N a day, ${percent(today.filter_share ?? 0)} of it used`}
                </Fact>
                <Fact isLong name={said.turnover}>
                    {load.turnover === null
                        ? said.turnoverUnknown(load.turnover_least, load.turnover_most)
                        : said.perHour(load.turnover, load.turnover_least, load.turnover_most)}
                </Fact>
                <Fact isLong name={said.change}>
                    {said.changeOf(system.water.weekly_change, system.water.weekly_change_least)}
                </Fact>
                {load.hours_without_pump !== null && (
                    <Fact isLong name={said.pump}>
                        {said.pumpHours(load.hours_without_pump)}
                    </Fact>
                )}
                <Fact isLong name={said.weight}>
                    {said.weightOf(
                        weight(load.weight_kg, units),
                        `${weight(load.floor_load_kg_m2, units)}/m²`,
                    )}
                </Fact>
            </chakra.dl>
            <Nitrate load={load} />
            <Button
                variant="plain"
                marginTop="6px"
                onClick={() => showAhead(!aheadShown)}
                aria-expanded={aheadShown}
            >
                {said.ahead}
            </Button>
            {aheadShown && <Ahead load={load} />}
        </Section>
    )
}

function Nitrate({ load: { nitrate } }: { load: LoadSheet }) {
    const rows = [
        {
            how: said.byBook,
            peak: nitrate.book_peak,
            trough: nitrate.book_trough,
            least: nitrate.least_by_book,
        },
        ...(nitrate.tests_peak === null || nitrate.tests_trough === null || nitrate.least_by_tests === null
            ? []
            : [
                  {
                      how: said.byTests(nitrate.spans),
                      peak: nitrate.tests_peak,
                      trough: nitrate.tests_trough,
                      least: nitrate.least_by_tests,
                  },
              ]),
    ]
    return (
        <Box paddingTop="14px">
            <chakra.p fontWeight={700}>{nitrate.sentence}</chakra.p>
            <Table.Root>
                <Table.Caption srOnly>{said.nitrate}</Table.Caption>
                <Table.Header>
                    <Table.Row>
                        <Table.ColumnHeader>{said.nitrate}</Table.ColumnHeader>
                        <Table.ColumnHeader>{said.nitrateColumns.peak}</Table.ColumnHeader>
                        <Table.ColumnHeader>{said.nitrateColumns.trough}</Table.ColumnHeader>
                        <Table.ColumnHeader>{said.nitrateColumns.least}</Table.ColumnHeader>
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
                            <Table.Cell>{row.least > 1 ? `over 100 %` : percent(row.least)}</Table.Cell>
                        </Table.Row>
                    ))}
                </Table.Body>
            </Table.Root>
            <chakra.p color="ink2" fontSize="15px" paddingTop="4px">
                {nitrate.yield === null
                    ? `${said.bookNote} ${said.noTests}`
                    : `${said.bookNote} ${said.testsNote(nitrate.yield)}`}
            </chakra.p>
        </Box>
    )
}

function Ahead({ load }: { load: LoadSheet }) {
    const rows = load.months.filter((_, i) => i % MONTHS_APART === 0)
    return (
        <Table.Root>
            <Table.Header>
                <Table.Row>
                    {Object.values(said.months).map((name) => (
                        <Table.ColumnHeader key={name}>{name}</Table.ColumnHeader>
                    ))}
                </Table.Row>
            </Table.Header>
            <Table.Body>
                {rows.map((row) => (
                    <Table.Row key={row.date}>
                        <Table.Cell>{monthOfYear(row.date)}</Table.Cell>
                        <Table.Cell>{massWords(row.mass_g).replace('about ', '')}</Table.Cell>
                        <Table.Cell>{row.feed_g.toFixed(1)} g</Table.Cell>
                        <Table.Cell color={(row.filter_share ?? 0) > 1 ? 'over' : 'ink'}>
                            {row.filter_share === null ? '' : percent(row.filter_share)}
                        </Table.Cell>
                        <Table.Cell color={row.weekly_change_least > 1 ? 'over' : 'ink'}>
                            {row.weekly_change_least > 1 ? 'over 100 %' : percent(row.weekly_change_least)}
                        </Table.Cell>
                    </Table.Row>
                ))}
            </Table.Body>
        </Table.Root>
    )
}

import { systemsWords } from '../messages/systems'
import { Button, chakra, Table } from '@chakra-ui/react'
import { useState } from 'react'
import type { LoadSheet, SystemPage } from '../api/types'
import { Fact } from '../frame/Fact'
import { useKeeper } from '../frame/keeper'
import { Section } from '../frame/Section'
import { monthOfYear } from '../units/day'
import { dailyMass, floorLoad, massOf, massWords, weight } from '../units/mass'
import { percent } from '../units/share'
const MONTHS_APART = 3

/** What the fish ask of the water, today and as they grow. */
export function Load({ page: { load, system } }: { page: SystemPage }) {
    const { units } = useKeeper()
    const today = load.months[0]
    const [aheadShown, showAhead] = useState(false)
    if (today === undefined) {
        return null
    }
    return (
        <Section title={systemsWords.load.title}>
            <chakra.dl margin="0" paddingTop="6px">
                <Fact isLong term="mass" name={systemsWords.load.mass}>
                    {massWords(today.mass_g, units)}
                </Fact>
                <Fact isLong term="load" name={systemsWords.load.feed}>
                    {dailyMass(today.feed_g, units)}
                </Fact>
                <Fact isLong term="ammonia" name={systemsWords.load.ammonia}>
                    {systemsWords.load.ofNitrogen({ mass: dailyMass(today.ammonia_g, units) })}
                </Fact>
                <Fact isLong term="capacity" name={systemsWords.load.capacity}>
                    {load.capacity_g === null
                        ? systemsWords.noMedia
                        : systemsWords.load.carries({
                              mass: dailyMass(load.capacity_g, units),
                              share: today.filter_share ?? 0,
                          })}
                </Fact>
                <Fact isLong term="turnover" name={systemsWords.load.turnover}>
                    {load.turnover === null
                        ? systemsWords.load.turnoverUnknown({
                              least: load.turnover_least,
                              most: load.turnover_most,
                          })
                        : systemsWords.load.perHour({
                              times: load.turnover.toFixed(1),
                              least: load.turnover_least,
                              most: load.turnover_most,
                          })}
                </Fact>
                <Fact isLong term="change" name={systemsWords.load.change}>
                    {changeWords(system.water.weekly_change, system.water.weekly_change_least)}
                </Fact>
                {load.hours_without_pump !== null && (
                    <Fact isLong term="withoutPump" name={systemsWords.load.pump}>
                        {systemsWords.load.pumpHours({
                            hours: load.hours_without_pump.toFixed(load.hours_without_pump < 10 ? 1 : 0),
                        })}
                    </Fact>
                )}
                <Fact isLong term="weight" name={systemsWords.load.weight}>
                    {systemsWords.load.weightOf({
                        weight: weight(load.weight_kg, units),
                        perArea: floorLoad(load.floor_load_kg_m2, units),
                    })}
                </Fact>
            </chakra.dl>
            <Button
                variant="plain"
                marginTop="6px"
                onClick={() => showAhead(!aheadShown)}
                aria-expanded={aheadShown}
            >
                {systemsWords.load.ahead}
            </Button>
            {aheadShown && <Ahead load={load} />}
        </Section>
    )
}

function Ahead({ load }: { load: LoadSheet }) {
    const { units } = useKeeper()
    const rows = load.months.filter((_, i) => i % MONTHS_APART === 0)
    return (
        <Table.Root>
            <Table.Header>
                <Table.Row>
                    {Object.values(systemsWords.load.months).map((name) => (
                        <Table.ColumnHeader key={name}>{name}</Table.ColumnHeader>
                    ))}
                </Table.Row>
            </Table.Header>
            <Table.Body>
                {rows.map((row) => (
                    <Table.Row key={row.date}>
                        <Table.Cell>{monthOfYear(row.date)}</Table.Cell>
                        <Table.Cell>{massOf(row.mass_g, units)}</Table.Cell>
                        <Table.Cell>{dailyMass(row.feed_g, units)}</Table.Cell>
                        <Table.Cell color={(row.filter_share ?? 0) > 1 ? 'over' : 'ink'}>
                            {row.filter_share === null ? '' : percent(row.filter_share)}
                        </Table.Cell>
                        <Table.Cell color={row.weekly_change_least > 1 ? 'over' : 'ink'}>
                            {row.weekly_change_least > 1
                                ? systemsWords.load.over
                                : percent(row.weekly_change_least)}
                        </Table.Cell>
                    </Table.Row>
                ))}
            </Table.Body>
        </Table.Root>
    )
}

const changeWords = (share: number, least: number): string =>
    least > 1 ? systemsWords.load.changeOfAll({ share }) : systemsWords.load.changeOf({ share, least })

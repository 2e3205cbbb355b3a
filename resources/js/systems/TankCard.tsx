import { stayEnd } from './stayEnd'
import { useParams } from '@tanstack/react-router'
import { systemsWords } from '../messages/systems'
import { nameWithCount } from '../fish/sentences'
import { Box, Button, chakra, Table } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { Link } from '@tanstack/react-router'
import { systemQuery } from '../api/queries'
import type { SystemPage } from '../api/types'
import { MarkIcon } from '../drawing/SurveyMark'
import { useKeeper, useUnit } from '../frame/keeper'
import { useNameSheet } from '../frame/sheetTitle'
import { Waiting } from '../frame/Waiting'
import { longDay, monthOfYear } from '../units/day'
import { metres, projected } from '../units/length'
import { percent } from '../units/share'
import { temperature } from '../units/temperature'
import { volume } from '../units/volume'
import { FloorPlan } from './FloorPlan'

const CARD_WIDTH = 680

/** One page for the glass: who lives here, and what the water should be. */
export function TankCard() {
    const { id } = useParams({ from: '/systems/$id/card' })
    return (
        <Waiting key={id} query={useQuery(systemQuery(id))}>
            {(page) => <Card page={page} />}
        </Waiting>
    )
}

function Card({ page: { system, plan, load } }: { page: SystemPage }) {
    const { today, units, facility } = useKeeper()
    const unit = useUnit()
    useNameSheet(systemsWords.card, system.name)
    const depth = system.basins[0]?.depth_mm ?? 0
    const facts = [
        system.temperature_c === null ? '' : temperature(system.temperature_c, units),
        volume(system.water_litres, units),
        systemsWords.deep({ depth: metres(depth, units) }),
        `${systemsWords.load.change.toLowerCase()} ${percent(system.water.weekly_change)}`,
        load.hours_without_pump === null
            ? ''
            : `${systemsWords.load.pump.toLowerCase()}: ${systemsWords.load.pumpHours({ hours: load.hours_without_pump })}`,
    ]
    return (
        <Box maxWidth="720px" padding="14px 10px 30px">
            <Box display="flex" gap="12px" paddingBottom="14px" className="no-print">
                <Button variant="solid" onClick={() => window.print()}>
                    {systemsWords.print}
                </Button>
                <Link to="/systems/$id" params={{ id: system.id }}>
                    {systemsWords.back}
                </Link>
            </Box>
            <chakra.h1 fontSize="title" lineHeight="36px">
                {system.name}
            </chakra.h1>
            <chakra.p color="ink2">
                {facility}, {longDay(today, '')}. {facts.filter((part) => part !== '').join(', ')}.
            </chakra.p>
            <Box overflow="hidden">
                <FloorPlan
                    system={system}
                    plan={plan}
                    at={0}
                    width={Math.min(CARD_WIDTH, window.innerWidth - 40)}
                />
            </Box>
            <Table.Root>
                <Table.Body>
                    {system.fish.map((fish) => {
                        const growing = plan.fish.find((one) => one.id === fish.id)
                        const ends = growing === undefined ? null : stayEnd(growing, fish).on
                        return (
                            <Table.Row key={fish.id}>
                                <Table.Cell>
                                    <MarkIcon band={fish.band} /> <b>{nameWithCount(fish)}</b>,{' '}
                                    {fish.species.toLowerCase()}
                                </Table.Cell>
                                <Table.Cell>{projected(fish.length_mm.likely, unit)}</Table.Cell>
                                <Table.Cell>
                                    {ends === null
                                        ? systemsWords.fits
                                        : `${systemsWords.columns.outgrows} ${systemsWords.from({ day: monthOfYear(ends) })}`}
                                </Table.Cell>
                            </Table.Row>
                        )
                    })}
                </Table.Body>
            </Table.Root>
            {system.fish.length === 0 && <p>{systemsWords.empty}</p>}
            <chakra.p color="ink2" fontSize="note" paddingTop="10px">
                {systemsWords.cardCautions}
            </chakra.p>
        </Box>
    )
}

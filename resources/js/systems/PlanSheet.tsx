import { messages } from '../messages'
import { systemsWords } from '../messages/systems'
import { weighUpWords } from '../messages/weighUp'
import type { StayEnd } from './stayEnd'
import { stayEnd } from './stayEnd'
import { Box, Button, chakra, Table } from '@chakra-ui/react'
import { Link, useNavigate } from '@tanstack/react-router'
import { useState } from 'react'
import type { FishRow, FloorPlanSheet, LoadSheet, SystemPage as Page } from '../api/types'
import { MarkIcon } from '../drawing/SurveyMark'
import { useKeeper, useUnit } from '../frame/keeper'
import { PlannedMoves } from '../moves/PlannedMoves'
import { useWidth } from '../frame/useWidth'
import { Term } from '../terms/Term'
import { monthOfYear } from '../units/day'
import { bare, projected } from '../units/length'
import { Bar } from './Bar'
import { DateTape } from './DateTape'
import { FloorPlan } from './FloorPlan'
import { SystemHead } from './SystemHead'
import { Columns } from './Columns'
import { Company } from './Company'
import { SaveDrawing } from '../drawing/SaveDrawing'

/** A home from above on any date: who still fits, what fills it, and what comes next. */
export function PlanSheet({ page }: { page: Page }) {
    const { system, plan, load } = page
    const { today } = useKeeper()
    const [at, setAt] = useState(0)
    const [box, width] = useWidth<HTMLDivElement>()
    const date = plan.dates[at] ?? today
    return (
        <>
            <Box
                display="grid"
                gridTemplateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 500px' }}
                gridTemplateAreas={{ base: '"head" "plan" "facts"', lg: '"plan head" "plan facts"' }}
                gridTemplateRows={{ lg: 'auto 1fr' }}
                columnGap="30px"
            >
                <Box gridArea="plan" paddingTop={{ base: '8px', lg: 0 }} minWidth="0">
                    <Box ref={box}>
                        {width > 0 && <FloorPlan system={system} plan={plan} at={at} width={width} />}
                        <SaveDrawing of={box} name={system.name} />
                    </Box>
                    {plan.fish.length > 0 && (
                        <DateTape system={system} plan={plan} at={at} onMove={setAt} today={today} />
                    )}
                </Box>
                <Box gridArea="head">
                    <SystemHead page={page} at={at} />
                </Box>
                <Box gridArea="facts">
                    <Residents fish={system.fish} plan={plan} at={at} today={today} />
                    {plan.fish.length > 0 && <Fill plan={plan} load={load} at={at} date={date} />}
                    <Acts page={page} />
                </Box>
            </Box>
            <Columns
                left={<PlannedMoves moves={page.moves} today={today} />}
                right={<Company system={page.system} />}
            />
        </>
    )
}

function Residents({
    fish,
    plan,
    at,
    today,
}: {
    fish: readonly FishRow[]
    plan: FloorPlanSheet
    at: number
    today: string
}) {
    const { columns } = systemsWords
    if (fish.length === 0) {
        return (
            <chakra.p color="ink2" padding="10px">
                {systemsWords.empty}
            </chakra.p>
        )
    }
    return (
        <Table.Root marginTop="10px">
            <Table.Header>
                <Table.Row>
                    <Table.ColumnHeader>{columns.fish}</Table.ColumnHeader>
                    <Table.ColumnHeader>{columns.length}</Table.ColumnHeader>
                    <Table.ColumnHeader>
                        <Term of="swimming">{columns.run}</Term>
                    </Table.ColumnHeader>
                    <Table.ColumnHeader>
                        <Term of="outgrows">{columns.outgrows}</Term>
                    </Table.ColumnHeader>
                </Table.Row>
            </Table.Header>
            <Table.Body>
                {plan.fish.map((growing) => (
                    <OccupantRow
                        key={growing.id}
                        growing={growing}
                        row={fish.find(({ id }) => id === growing.id)}
                        plan={plan}
                        at={at}
                        today={today}
                    />
                ))}
            </Table.Body>
        </Table.Root>
    )
}

interface OccupantProps {
    growing: FloorPlanSheet['fish'][number]
    row: FishRow | undefined
    plan: FloorPlanSheet
    at: number
    today: string
}

/** How long one is on that date, what it needs and until when it fits. */
function OccupantRow({ growing, row, plan, at, today }: OccupantProps) {
    const unit = useUnit()
    const needed = growing.run_mm[at] ?? 0
    return (
        <Table.Row>
            <Table.Cell>
                <Box display="flex" gap="6px" alignItems="baseline">
                    <MarkIcon band={row?.band ?? 0} />
                    <Link to="/fish/$id" params={{ id: growing.id }}>
                        {row?.name}
                    </Link>
                </Box>
                <Box color="ink2" fontSize="note">
                    {row?.species.toLowerCase()}
                </Box>
            </Table.Cell>
            <Table.Cell>
                <b>{projected(growing.likely_mm[at] ?? 0, unit)}</b>
                <Box color="ink2" fontSize="note">
                    {messages.frame.joint.span({
                        low: bare(growing.low_mm[at] ?? 0, unit),
                        high: bare(growing.high_mm[at] ?? 0, unit),
                    })}
                </Box>
            </Table.Cell>
            <Table.Cell color={needed > plan.run_mm ? 'over' : 'ink'}>
                <b>
                    {systemsWords.runOf({
                        needed: bare(needed, unit),
                        there: projected(plan.run_mm, unit),
                    })}
                </b>
            </Table.Cell>
            <OutgrownCell end={stayEnd(growing, row)} date={plan.dates[at] ?? today} today={today} />
        </Table.Row>
    )
}

function OutgrownCell({ end, date, today }: { end: StayEnd; date: string; today: string }) {
    const outgrown = end.on
    if (outgrown === null) {
        return (
            <Table.Cell color="fit" fontWeight={700}>
                {systemsWords.fits}
            </Table.Cell>
        )
    }
    return (
        <Table.Cell color={outgrown <= date ? 'over' : 'close'} fontWeight={700}>
            {outgrown <= today && !end.isBySize
                ? messages.fish.now
                : systemsWords.from({ day: monthOfYear(outgrown) })}
            <Box color="ink2" fontSize="note" fontWeight={400}>
                {end.reason}
            </Box>
        </Table.Cell>
    )
}

function Fill({ plan, load, at, date }: { plan: FloorPlanSheet; load: LoadSheet; at: number; date: string }) {
    const month = load.months.filter((one) => one.date <= date).at(-1)
    const layers = (['bottom', 'middle', 'top'] as const).map((layer) => ({
        layer,
        share: plan[layer][at] ?? 0,
    }))
    const fullest = layers.reduce((a, b) => (b.share > a.share ? b : a))
    return (
        <Box padding="12px 0" display="flex" flexDirection="column" gap="6px">
            {layers.map((one) => (
                <Bar
                    key={one.layer}
                    term={one === fullest ? 'floor' : undefined}
                    name={
                        one === fullest
                            ? `${systemsWords.floorUsed}, ${systemsWords.layers[one.layer]}`
                            : systemsWords.layers[one.layer]
                    }
                    share={one.share}
                    isLess={one !== fullest}
                />
            ))}
            <Bar
                term="load"
                name={systemsWords.feedFilter}
                share={month?.filter_share ?? null}
                unknown={systemsWords.noMedia}
            />
        </Box>
    )
}

function Acts({ page }: { page: Page }) {
    const navigate = useNavigate()
    const id = page.system.id
    return (
        <Box display="flex" flexWrap="wrap" gap="10px" alignItems="center" paddingTop="4px">
            <Button
                asChild
                variant={page.system.fish.length === 0 ? 'solid' : 'outline'}
                textDecoration="none"
            >
                <Link to="/fish/add" search={{ system: id }}>
                    {messages.fish.add}
                </Link>
            </Button>
            <Button onClick={() => void navigate({ to: '/systems/$id/edit', params: { id } })}>
                {systemsWords.edit}
            </Button>
            <Button onClick={() => void navigate({ to: '/systems/$id/card', params: { id } })}>
                {systemsWords.card}
            </Button>
            <Link to="/systems/$id/suitable-species" params={{ id }}>
                {weighUpWords.ask}
            </Link>
        </Box>
    )
}

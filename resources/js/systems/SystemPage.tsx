import { useParams } from '@tanstack/react-router'
import { messages } from '../messages'
import { systemsWords } from '../messages/systems'
import { weighUpWords } from '../messages/weighUp'
import { planSentence } from './planSentence'
import type { StayEnd } from './stayEnd'
import { stayEnd } from './stayEnd'
import { Box, Button, chakra, Table } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { Link, useNavigate } from '@tanstack/react-router'
import { useState } from 'react'
import { systemQuery } from '../api/queries'
import type { FishRow, FloorPlanSheet, LoadSheet, SystemPage as Page } from '../api/types'
import { MarkIcon } from '../drawing/SurveyMark'
import { useKeeper, useUnit } from '../frame/keeper'
import { LogPart } from '../log/LogPart'
import { PlannedMoves } from '../moves/PlannedMoves'
import { HomeFeeding } from '../food/HomeFeeding'
import { Camera } from '../picture/Camera'
import { Pictures } from '../picture/Pictures'
import { SheetHead } from '../frame/SheetHead'
import { useNameSheet } from '../frame/sheetTitle'
import { useWidth } from '../frame/useWidth'
import { Waiting } from '../frame/Waiting'
import { longDay, monthOfYear } from '../units/day'
import { bare, metres, projected } from '../units/length'
import { temperature } from '../units/temperature'
import { volume } from '../units/volume'
import { Bar } from './Bar'
import { BeforeAfter } from './BeforeAfter'
import { DateTape } from './DateTape'
import { FloorPlan } from './FloorPlan'
import { Load } from './Load'
import { Probes } from './Probes'
import { Company } from './Company'
import { Ready } from './Ready'
import { Sums } from './Sums'
import { SaveDrawing } from '../drawing/SaveDrawing'
import { Water } from './Water'

/** One system: its floor plan on any date, its water, its load, and what would change it. */
export function SystemPage() {
    const { id } = useParams({ from: '/systems/$id' })
    return (
        <Waiting key={id} query={useQuery(systemQuery(id))}>
            {(page) => <Sheet page={page} />}
        </Waiting>
    )
}

function Sheet({ page }: { page: Page }) {
    const { system, plan, load } = page
    const { today, units } = useKeeper()
    const [at, setAt] = useState(0)
    const [box, width] = useWidth<HTMLDivElement>()
    const date = plan.dates[at] ?? today
    const depth = system.basins[0]?.depth_mm ?? 0
    useNameSheet(
        systemsWords.title({ name: system.name }),
        `${metres(depth, units)} deep · ${volume(system.water_litres, units)}`,
    )
    const names = new Map(system.fish.map((fish) => [fish.id, fish.name]))
    const fullest = Math.max(plan.bottom[at] ?? 0, plan.middle[at] ?? 0, plan.top[at] ?? 0)
    return (
        <>
            <Box
                display="grid"
                gridTemplateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 500px' }}
                gridTemplateAreas={{ base: '"head" "plan" "facts"', lg: '"plan head" "plan facts"' }}
                gridTemplateRows={{ lg: 'auto 1fr' }}
                columnGap="28px"
            >
                <Box ref={box} gridArea="plan" paddingTop={{ base: '8px', lg: 0 }}>
                    {width > 0 && <FloorPlan system={system} plan={plan} at={at} width={width} />}
                    <SaveDrawing of={box} name={system.name} />
                </Box>
                <Box gridArea="head">
                    <SheetHead
                        sentence={headline(
                            system,
                            date === today,
                            planSentence({ system, names, fish: plan.fish, at, date, today, fullest }),
                        )}
                        comment={
                            system.available_from === null
                                ? about(page, units, date === today)
                                : `${systemsWords.notYet({ day: longDay(system.available_from, today) })} ${about(page, units, date === today)}`
                        }
                    />
                    <Alarms page={page} />
                </Box>
                <Box gridArea="facts">
                    <Residents fish={system.fish} plan={plan} at={at} today={today} />
                    <Fill plan={plan} load={load} at={at} date={date} />
                    <Acts page={page} />
                </Box>
            </Box>
            {plan.fish.length > 0 && (
                <DateTape system={system} plan={plan} at={at} onMove={setAt} today={today} />
            )}
            <Box
                display="grid"
                gridTemplateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) minmax(0, 1fr)' }}
                gap="26px 34px"
                padding={{ base: '16px 2px 30px', md: '18px 10px 30px' }}
                alignItems="start"
            >
                <Box display="flex" flexDirection="column" gap="26px" minWidth="0">
                    <Water page={page} />
                    <BeforeAfter page={page} />
                    <Pictures of={{ system: page.system.id }} name={page.system.name} />
                    <Camera system={page.system.id} />
                    <LogPart of={{ system: page.system.id }} />
                </Box>
                <Box display="flex" flexDirection="column" gap="26px" minWidth="0">
                    <PlannedMoves moves={page.moves} today={today} />
                    <Company system={page.system} />
                    {system.fish.length > 0 && <HomeFeeding system={system.id} />}
                    <Load page={page} />
                    <Ready page={page} />
                    <Sums page={page} />
                    <Probes page={page} />
                </Box>
            </Box>
        </>
    )
}

/** Water that cannot hold its fish comes before their room. */
const headline = (system: Page['system'], isToday: boolean, room: string): string =>
    isToday && system.water.is_too_many ? `${system.water.change_sentence ?? ''} ${room}` : room

/** What the headline of today says already is not said again. */
function about({ system }: Page, units: Parameters<typeof volume>[1], isToday: boolean): string {
    const parts = [
        system.temperature_c === null ? '' : temperature(system.temperature_c, units),
        volume(system.water_litres, units),
        system.water.is_too_many && isToday ? '' : (system.water.change_sentence ?? ''),
        system.water.filter_sentence ?? '',
    ]
    return parts
        .filter((part) => part !== '')
        .map((part) => (part.endsWith('.') ? part : `${part}.`))
        .join(' ')
}

/** What must not wait stands right under the sentence. */
function Alarms({ page }: { page: Page }) {
    const urgent = page.system.water.alarms.filter((alarm) => alarm.is_urgent)
    return urgent.map((alarm) => (
        <Box
            key={alarm.sentence}
            role="alert"
            borderInlineStart="6px solid"
            borderColor="over"
            paddingInlineStart="12px"
            margin="10px 10px 0"
        >
            <chakra.p color="over" fontWeight={700}>
                {alarm.sentence}
            </chakra.p>
            <p>{alarm.next_step}</p>
        </Box>
    ))
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
                    {Object.values(systemsWords.columns).map((name) => (
                        <Table.ColumnHeader key={name}>{name}</Table.ColumnHeader>
                    ))}
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
                <Box color="ink2" fontSize="15px">
                    {row?.species.toLowerCase()}
                </Box>
            </Table.Cell>
            <Table.Cell>
                <b>{projected(growing.likely_mm[at] ?? 0, unit)}</b>
                <Box color="ink2" fontSize="15px">
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
            <Box color="ink2" fontSize="15px" fontWeight={400}>
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
            <Button onClick={() => void navigate({ to: '/systems/$id/edit', params: { id } })}>
                {systemsWords.edit}
            </Button>
            <Button onClick={() => void navigate({ to: '/systems/$id/card', params: { id } })}>
                {systemsWords.card}
            </Button>
            <Link to="/fish/add" search={{ system: id }}>
                {messages.fish.add}
            </Link>
            {' · '}
            <Link to="/systems/$id/suitable-species" params={{ id }}>
                {weighUpWords.ask}
            </Link>
        </Box>
    )
}

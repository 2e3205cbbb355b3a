import { useParams } from '@tanstack/react-router'
import { messages } from '../messages'
import { fishSentence, nextSentence } from './sentences'
import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { Suspense, useState } from 'react'
import { fishListQuery, fishQuery } from '../api/queries'
import type { FishSheet, OtherFuture } from '../api/types'
import { SurveyMark } from '../drawing/SurveyMark'
import { useUnit } from '../frame/keeper'
import { onDemand } from '../frame/onDemand'
import { SheetHead } from '../frame/SheetHead'
import { useNameSheet } from '../frame/sheetTitle'
import { useWidth } from '../frame/useWidth'
import { Waiting } from '../frame/Waiting'
import { bandInk, ink } from '../theme/tokens'
import { longDay } from '../units/day'
import { measured } from '../units/length'
import { chartOf } from './chart'
import { GrowthPicture } from './GrowthPicture'
import { GrowthTables } from './GrowthTables'
import { SaveDrawing } from '../drawing/SaveDrawing'
import { useWhatIf } from './useWhatIf'
import { Term } from '../terms/Term'

// The picture stands as soon as it can; what is beside and below it follows.
const WhatIf = onDemand(() => import('./WhatIf'), 'WhatIf')
const FishRail = onDemand(() => import('./FishRail'), 'FishRail')
const FishRecord = onDemand(() => import('./FishRecord'), 'FishRecord')

/** The sheet of one fish. */
export function FishPage() {
    const { id } = useParams({ from: '/fish/$id' })
    return (
        <Waiting key={id} query={useQuery(fishQuery(id))}>
            {(sheet) => <Sheet sheet={sheet} />}
        </Waiting>
    )
}

function Sheet({ sheet }: { sheet: FishSheet }) {
    const { fish, today } = sheet
    const all = useQuery(fishListQuery).data ?? [fish]
    const whatIf = useWhatIf(fish.id)
    const horizon = sheet.ahead.at(-1)?.date ?? today
    useNameSheet(messages.fish.title({ name: fish.name }), `${fish.species}, ${sheet.scientific_name}`)
    return (
        <Box
            display="grid"
            gridTemplateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 366px' }}
            gridTemplateRows={{ lg: 'auto 1fr' }}
        >
            <Box>
                <SheetHead
                    sentence={fishSentence(fish, today, horizon)}
                    comment={nextSentence(fish, today)}
                />
                <Growth sheet={sheet} other={whatIf.other} />
                <Suspense fallback={null}>
                    {fish.count > 0 && <WhatIf sheet={sheet} whatIf={whatIf} all={all} />}
                </Suspense>
            </Box>
            <Box gridColumn={{ lg: 1 }} gridRow={{ base: 3, lg: 2 }} paddingBottom="24px">
                <Suspense fallback={null}>
                    <FishRecord sheet={sheet} />
                </Suspense>
            </Box>
            <Box
                gridColumn={{ lg: 2 }}
                gridRow={{ lg: '1 / 3' }}
                borderInlineStart={{ lg: '1.6px solid' }}
                borderColor={{ lg: 'ink' }}
                padding={{ base: '8px 2px 24px', lg: '16px 14px 24px 24px' }}
                display="flex"
                flexDirection="column"
                gap="16px"
            >
                <Suspense fallback={null}>
                    <FishRail sheet={sheet} all={all} />
                </Suspense>
            </Box>
        </Box>
    )
}

function Growth({ sheet, other }: { sheet: FishSheet; other: OtherFuture | undefined }) {
    const [box, width] = useWidth<HTMLDivElement>()
    const [asTable, showTable] = useState(false)
    const unit = useUnit()
    return (
        <Box ref={box} paddingTop="12px">
            {asTable ? (
                <GrowthTables sheet={sheet} />
            ) : (
                width > 0 && (
                    <GrowthPicture
                        sheet={sheet}
                        other={other}
                        unit={unit}
                        chart={chartOf(sheet, width, width < 500 ? 360 : 470, unit.mm, other)}
                    />
                )
            )}
            <Box
                display="flex"
                flexWrap="wrap"
                alignItems="center"
                columnGap="24px"
                color="ink2"
                fontSize="text"
                paddingInline="10px"
            >
                {!asTable && <Legend band={sheet.fish.band} hasFlagged={sheet.flagged.length > 0} />}
                {!asTable && <SaveDrawing of={box} name={sheet.fish.name} />}
                <Button variant="plain" onClick={() => showTable(!asTable)}>
                    {asTable ? messages.fish.picture : messages.fish.table}
                </Button>
            </Box>
            {sheet.flagged.map((day) => {
                const entry = sheet.measurements.find((one) => one.date === day)
                return (
                    <chakra.p key={day} paddingInline="10px" color="close" fontWeight={600}>
                        {entry !== undefined &&
                            messages.fish.flagged({
                                length: measured(entry.length_mm, unit),
                                day: longDay(day, sheet.today),
                            })}
                    </chakra.p>
                )
            })}
        </Box>
    )
}

function Legend({ band, hasFlagged }: { band: number; hasFlagged: boolean }) {
    const legend = messages.fish.legend
    return (
        <>
            <Box display="flex" gap="8px" alignItems="center">
                <svg width="22" height="20" aria-hidden="true">
                    <path d="M11 1V19M6 1h10M6 19h10" stroke={ink('ink')} strokeWidth="1.5" />
                    <SurveyMark band={band} x={11} y={10} r={4.4} />
                </svg>
                {legend.measured}
            </Box>
            {hasFlagged && (
                <Box display="flex" gap="8px" alignItems="center">
                    <svg width="16" height="20" aria-hidden="true">
                        <SurveyMark band={band} x={8} y={10} r={4.4} hollow />
                    </svg>
                    {legend.flagged}
                </Box>
            )}
            <Box display="flex" gap="8px" alignItems="center">
                <svg width="40" height="14" aria-hidden="true">
                    <path d="M0 7H40" stroke={bandInk(band)} strokeWidth="2.6" strokeDasharray="9 4" />
                </svg>
                {legend.likely}
            </Box>
            <Box display="flex" gap="8px" alignItems="center">
                <svg width="40" height="16" aria-hidden="true">
                    <rect width="40" height="16" fill={bandInk(band)} opacity=".14" />
                    <rect y="3" width="40" height="10" fill={bandInk(band)} opacity=".2" />
                    <rect y="6" width="40" height="4" fill={bandInk(band)} opacity=".3" />
                </svg>
                <Term of="band">{legend.band}</Term>
            </Box>
        </>
    )
}

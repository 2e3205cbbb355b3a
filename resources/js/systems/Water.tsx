import { write } from '../api/client'
import { messages } from '../messages'
import { systemsWords } from '../messages/systems'
import { Box, Button, chakra } from '@chakra-ui/react'
import { useState } from 'react'
import type { AlarmRow, SystemPage } from '../api/types'
import { useKeeper } from '../frame/keeper'
import { PaperDialog } from '../frame/PaperDialog'
import { Section } from '../frame/Section'
import { longDay, shortDay } from '../units/day'
import { percent } from '../units/share'
import { useDelete } from '../entry/useUndo'
import { WaterChartBox } from './WaterChartBox'
import { WaterTestForm } from './WaterTestForm'
import { AsTable } from '../frame/AsTable'
import { WaterWorkForm } from './WaterWorkForm'
const LISTED = 8

/** What was measured, what it asks for, and how it went over time. */
export function Water({ page }: { page: SystemPage }) {
    const { today } = useKeeper()
    const { water, name } = page.system
    const [slip, openSlip] = useState<'test' | 'work' | null>(null)
    const close = (): void => openSlip(null)
    return (
        <Section
            title={systemsWords.water.title}
            aside={
                <chakra.span color="ink2" fontSize="15px">
                    {water.tested_on === null
                        ? ''
                        : systemsWords.water.tested({ day: longDay(water.tested_on, today) })}
                </chakra.span>
            }
        >
            <Box paddingTop="8px" display="flex" flexDirection="column" gap="10px">
                {water.tested_on === null && <p>{systemsWords.water.never}</p>}
                {water.tested_on !== null && water.alarms.length === 0 && (
                    <chakra.p color="fit" fontWeight={700}>
                        {systemsWords.water.all}
                    </chakra.p>
                )}
                {water.alarms.map((alarm) => (
                    <Alarm key={alarm.sentence} alarm={alarm} />
                ))}
                {page.free_ammonia !== null && page.free_ammonia > 0 && (
                    <p>{systemsWords.water.freeAmmonia({ value: page.free_ammonia })}</p>
                )}
                {page.oxygen_saturation !== null && (
                    <p>{systemsWords.water.saturation({ share: page.oxygen_saturation })}</p>
                )}
                <Box display="flex" gap="10px" flexWrap="wrap">
                    <Button variant="solid" onClick={() => openSlip('test')}>
                        {systemsWords.water.test}
                    </Button>
                    <Button onClick={() => openSlip('work')}>{systemsWords.water.work}</Button>
                    <AsTable table="tests" of={{ system: page.system.id }} />
                </Box>
                <WaterChartBox system={page.system} />
                <Entries page={page} />
            </Box>
            <PaperDialog
                title={
                    slip === 'work' ? systemsWords.water.workTitle : systemsWords.water.testTitle({ name })
                }
                open={slip !== null}
                onClose={close}
            >
                {slip === 'test' && <WaterTestForm system={page.system} today={today} onDone={close} />}
                {slip === 'work' && <WaterWorkForm system={page.system} today={today} onDone={close} />}
            </PaperDialog>
        </Section>
    )
}

export function Alarm({ alarm }: { alarm: AlarmRow }) {
    return (
        <Box
            borderInlineStart="6px solid"
            borderColor={alarm.is_urgent ? 'over' : 'close'}
            paddingInlineStart="12px"
        >
            <chakra.p color={alarm.is_urgent ? 'over' : 'close'} fontWeight={700}>
                {alarm.sentence}
            </chakra.p>
            <p>{alarm.next_step}</p>
        </Box>
    )
}

/** Tests and works in one list, newest first. */
function Entries({ page }: { page: SystemPage }) {
    const { today } = useKeeper()
    const [allShown, showAll] = useState(false)
    const takeOut = useDelete('/api/v1/water-tests')
    const entries = [
        ...page.tests.map((test) => ({
            key: `test-${test.id}`,
            remove: () => write('DELETE', '/api/v1/water-tests/{test}', { test: test.id }),
            date: test.date,
            words: test.values
                .map((one) =>
                    one.quantity === 'ph'
                        ? one.said
                        : `${one.quantity === 'temperature_c' ? '' : `${shortNames[one.quantity] ?? ''} `}${one.said}`,
                )
                .join(', '),
            note: test.note,
        })),
        ...page.works.map((work) => ({
            key: `work-${work.id}`,
            remove: () => write('DELETE', '/api/v1/water-works/{work}', { work: work.id }),
            date: work.date,
            words: `${messages.labels.works[work.kind]}${work.share === null ? '' : `, ${percent(work.share)}`}`,
            note: null,
        })),
    ].sort((a, b) => (a.date < b.date ? 1 : a.date > b.date ? -1 : 0))
    return (
        <Box>
            <chakra.h3 fontSize="16.5px" fontWeight={700} borderBottom="1px solid" borderColor="ink">
                {systemsWords.water.tests}
            </chakra.h3>
            {entries.length === 0 && (
                <chakra.p color="ink2" paddingTop="6px">
                    {systemsWords.water.noEntries}
                </chakra.p>
            )}
            <chakra.ol>
                {entries.slice(0, allShown ? undefined : LISTED).map((entry) => (
                    <chakra.li
                        key={entry.key}
                        display="grid"
                        gridTemplateColumns="76px minmax(0, 1fr) auto"
                        gap="10px"
                        alignItems="center"
                        borderBottom="1px solid"
                        borderColor="rule"
                        minHeight="44px"
                    >
                        <chakra.span color="ink2">{shortDay(entry.date, today)}</chakra.span>
                        <span>
                            {entry.words}
                            {entry.note !== null && <chakra.span color="ink2"> · {entry.note}</chakra.span>}
                        </span>
                        <Button
                            variant="plain"
                            aria-label={`${systemsWords.water.takeOut}: ${entry.words}`}
                            onClick={() => takeOut(entry.remove)}
                        >
                            {systemsWords.water.takeOut}
                        </Button>
                    </chakra.li>
                ))}
            </chakra.ol>
            {entries.length > LISTED && !allShown && (
                <Button
                    variant="plain"
                    onClick={() => showAll(true)}
                >{`${entries.length - LISTED} more`}</Button>
            )}
        </Box>
    )
}

const shortNames: Partial<Record<AlarmRow['quantity'], string>> = {
    ammonia_mg_l: 'ammonia',
    nitrite_mg_l: 'nitrite',
    nitrate_mg_l: 'nitrate',
    kh_dkh: 'KH',
    gh_dgh: 'GH',
    salinity_ppt: 'salt',
    oxygen_mg_l: 'oxygen',
    copper_mg_l: 'copper',
    chlorine_mg_l: 'chlorine',
    phosphate_mg_l: 'phosphate',
    conductivity_us: '',
}

import { systemsWords } from '../messages/systems'
import { Box, Button, chakra } from '@chakra-ui/react'
import { useState } from 'react'
import type { AlarmRow, SystemPage } from '../api/types'
import { useKeeper } from '../frame/keeper'
import { PaperDialog } from '../frame/PaperDialog'
import { Section } from '../frame/Section'
import { longDay } from '../units/day'
import { WaterChartBox } from './WaterChartBox'
import { WaterTestForm } from './WaterTestForm'
import { AsTable } from '../frame/AsTable'
import { useCalledFor } from '../frame/useCalledFor'
import { WaterWorkForm } from './WaterWorkForm'

/** What was measured, what it asks for, and how it went over time. */
export function Water({ page }: { page: SystemPage }) {
    const { today } = useKeeper()
    const { water, name } = page.system
    const isTestWanted = useCalledFor('test')
    const [slip, openSlip] = useState<'test' | 'work' | null>(isTestWanted ? 'test' : null)
    const close = (): void => openSlip(null)
    return (
        <Section
            title={systemsWords.water.title}
            aside={
                <chakra.span color="ink2" fontSize="note">
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

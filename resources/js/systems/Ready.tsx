import { Box, Button, chakra } from '@chakra-ui/react'
import { useState } from 'react'
import { write } from '../api/client'
import type { PreparationSheet, PreparationStep, SystemPage } from '../api/types'
import { StateBox } from '../drawing/StateBox'
import { useKeeper } from '../frame/keeper'
import { PaperDialog } from '../frame/PaperDialog'
import { Section } from '../frame/Section'
import { shortDay } from '../units/day'
import { words } from '../words/en'
import { preparationState, systemWords } from '../words/systems'
import { ForecastPicture } from './ForecastPicture'
import { PreparationForm } from './PreparationForm'
import { useDelete } from '../log/useUndo'
import { useWrite } from '../log/useWrite'

const said = systemWords.ready

/** The way of a new or empty system to its first stock, step by step. */
export function Ready({ page }: { page: SystemPage }) {
    const [open, setOpen] = useState(false)
    const takeOut = useDelete()
    const sheet = page.preparation
    return (
        <Section title={said.title}>
            <Box paddingTop="8px" display="flex" flexDirection="column" gap="10px">
                {sheet === null ? (
                    <chakra.p color="ink2">{said.help}</chakra.p>
                ) : (
                    <Steps sheet={sheet} system={page.system.id} />
                )}
                <Box display="flex" flexWrap="wrap" gap="10px">
                    <Button onClick={() => setOpen(true)}>{sheet === null ? said.begin : said.change}</Button>
                    {sheet !== null && (
                        <Button
                            variant="plain"
                            onClick={() => takeOut(`systems/${page.system.id}/preparation`, said.ended)}
                        >
                            {said.end}
                        </Button>
                    )}
                </Box>
            </Box>
            <PaperDialog title={said.planTitle(page.system.name)} open={open} onClose={() => setOpen(false)}>
                {open && <PreparationForm page={page} onDone={() => setOpen(false)} />}
            </PaperDialog>
        </Section>
    )
}

function Steps({ sheet, system }: { sheet: PreparationSheet; system: number }) {
    const { today } = useKeeper()
    return (
        <>
            <chakra.p fontSize="19px" lineHeight="26px" fontWeight={700} color={preparationState(sheet)}>
                {sheet.sentence}
            </chakra.p>
            <chakra.ol>
                {sheet.steps.map((step) => (
                    <Step key={step.step} step={step} system={system} today={today} />
                ))}
            </chakra.ol>
            <p>
                <b>{said.cycle}:</b> {sheet.cycle_sentence}
            </p>
            {sheet.findings.length > 0 && (
                <Box>
                    <b>{said.findings}</b>
                    {sheet.findings.map((one) => (
                        <chakra.p key={one} color="close">
                            {one}
                        </chakra.p>
                    ))}
                </Box>
            )}
            <ForecastPicture forecast={sheet.forecast} from={today} today={today} title={said.forecast} />
        </>
    )
}

function Step({ step, system, today }: { step: PreparationStep; system: number; today: string }) {
    const path = `systems/${system}/preparation/steps/${step.step}`
    const tick = useWrite<{ done: string | null }>({
        method: 'PUT',
        path,
        said: (_, { done }) => (done === null ? words.undone : said.ticked(step.words)),
        undo: () => write('PUT', path, { done: step.done }),
    })
    const state = step.done !== null ? 'done' : step.is_late ? 'late' : step.is_due ? 'due' : 'soon'
    return (
        <chakra.li
            display="grid"
            gridTemplateColumns="40px minmax(0, 1fr) auto"
            alignItems="center"
            columnGap="8px"
            borderBottom="1px solid"
            borderColor="rule"
            minHeight="58px"
            paddingBlock="5px"
        >
            <StateBox state={state} />
            <Box>
                <Box fontWeight={700}>
                    {step.words}
                    <chakra.span
                        color={step.is_late ? 'over' : 'ink2'}
                        fontWeight={step.is_late ? 700 : 400}
                        marginStart="8px"
                    >
                        {step.done === null
                            ? said.days(shortDay(step.begin, today), shortDay(step.end, today))
                            : said.done(shortDay(step.done, today))}
                        {step.is_late && `, ${said.late}`}
                    </chakra.span>
                </Box>
                <Box color="ink2" fontSize="15px" lineHeight="20px">
                    {step.why}
                </Box>
            </Box>
            {step.done === null ? (
                <Button
                    aria-label={said.tick(step.words)}
                    onClick={() => tick.save({ done: today })}
                    disabled={tick.isSaving}
                >
                    Tick
                </Button>
            ) : (
                <Button
                    variant="plain"
                    aria-label={`${words.undo}: ${step.words}`}
                    onClick={() => tick.save({ done: null })}
                >
                    {words.undo}
                </Button>
            )}
        </chakra.li>
    )
}

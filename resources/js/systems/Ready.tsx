import { messages } from '../messages'
import { systemsWords } from '../messages/systems'
import { preparationState } from './preparationState'
import { Box, Button, chakra } from '@chakra-ui/react'
import { useState } from 'react'
import { write } from '../api/client'
import type { PreparationSheet, PreparationStep, SystemPage } from '../api/types'
import { StateBox } from '../drawing/StateBox'
import { useKeeper } from '../frame/keeper'
import { PaperDialog } from '../frame/PaperDialog'
import { Section } from '../frame/Section'
import { shortDay } from '../units/day'
import { ForecastPicture } from './ForecastPicture'
import { PreparationForm } from './PreparationForm'
import { useDelete } from '../entry/useUndo'
import { useWrite } from '../entry/useWrite'
import { offlineWords } from '../messages/offline'
import { useKept } from '../offline/useKept'
import { stepWords } from '../messages/steps'
import { EditSteps } from '../steps/EditSteps'

/** The way of a new or empty system to its first stock, step by step. */
export function Ready({ page }: { page: SystemPage }) {
    const [open, setOpen] = useState(false)
    const takeOut = useDelete('/api/v1/systems/{system}/preparation')
    const sheet = page.preparation
    return (
        <Section title={systemsWords.ready.title}>
            <Box paddingTop="8px" display="flex" flexDirection="column" gap="10px">
                {sheet === null ? (
                    <chakra.p color="ink2">{systemsWords.ready.help}</chakra.p>
                ) : (
                    <Steps sheet={sheet} system={page.system.id} />
                )}
                <Box display="flex" flexWrap="wrap" gap="10px">
                    <Button onClick={() => setOpen(true)}>
                        {sheet === null ? systemsWords.ready.begin : systemsWords.ready.change}
                    </Button>
                    {sheet !== null && <Arrange sheet={sheet} system={page.system.id} />}
                    {sheet !== null && (
                        <Button
                            variant="plain"
                            onClick={() =>
                                takeOut(
                                    () =>
                                        write('DELETE', '/api/v1/systems/{system}/preparation', {
                                            system: page.system.id,
                                        }),
                                    systemsWords.ready.ended,
                                )
                            }
                        >
                            {systemsWords.ready.end}
                        </Button>
                    )}
                </Box>
            </Box>
            <PaperDialog
                title={systemsWords.ready.planTitle({ name: page.system.name })}
                open={open}
                onClose={() => setOpen(false)}
            >
                {open && <PreparationForm page={page} onDone={() => setOpen(false)} />}
            </PaperDialog>
        </Section>
    )
}

function Arrange({ sheet, system }: { sheet: PreparationSheet; system: number }) {
    const arrange = useWrite(
        'PUT',
        '/api/v1/systems/{system}/preparation/steps',
        { system },
        { notice: (answer) => (answer.is_arranged ? stepWords.saved : stepWords.asUsual) },
    )
    return (
        <EditSteps
            steps={sheet.steps.map(({ key, words, days }) => ({ key, words, length: days }))}
            unit={stepWords.days}
            isArranged={sheet.is_arranged}
            entry={arrange}
        />
    )
}

function Steps({ sheet, system }: { sheet: PreparationSheet; system: number }) {
    const { today } = useKeeper()
    return (
        <>
            <chakra.p fontSize="part" lineHeight="26px" fontWeight={700} color={preparationState(sheet)}>
                {sheet.sentence}
            </chakra.p>
            <chakra.ol>
                {sheet.steps.map((step) => (
                    <Step key={step.key} step={step} system={system} today={today} />
                ))}
            </chakra.ol>
            <p>
                <b>{systemsWords.ready.cycle}:</b> {sheet.cycle_sentence}
            </p>
            {sheet.findings.length > 0 && (
                <Box>
                    <b>{systemsWords.ready.findings}</b>
                    {sheet.findings.map((one) => (
                        <chakra.p key={one} color="close">
                            {one}
                        </chakra.p>
                    ))}
                </Box>
            )}
            <ForecastPicture
                forecast={sheet.forecast}
                from={today}
                today={today}
                title={systemsWords.ready.forecast}
            />
        </>
    )
}

const ADDRESS = '/api/v1/systems/{system}/preparation/steps/{step}'

function Step({ step, system, today }: { step: PreparationStep; system: number; today: string }) {
    const named = { system, step: step.key }
    const kept = useKept('PUT', ADDRESS, named)
    const done = kept === undefined ? step.done : kept.done
    const tick = useWrite('PUT', ADDRESS, named, {
        notice: (_, { done }) =>
            done === null ? messages.frame.undone : systemsWords.ready.ticked({ words: step.words }),
        undo: () => write('PUT', ADDRESS, named, { done: step.done }),
    })
    const state = done !== null ? 'done' : step.is_late ? 'late' : step.is_due ? 'due' : 'soon'
    return (
        <chakra.li
            display="grid"
            gridTemplateColumns="40px minmax(0, 1fr) auto"
            alignItems="center"
            columnGap="8px"
            borderBottom="1px solid"
            borderColor="rule"
            minHeight="58px"
            paddingBlock="6px"
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
                        {done === null
                            ? systemsWords.ready.days({
                                  begin: shortDay(step.begin, today),
                                  end: shortDay(step.end, today),
                              })
                            : (step.is_seen ? systemsWords.ready.seen : systemsWords.ready.done)({
                                  day: shortDay(done, today),
                              })}
                        {step.is_late && `, ${systemsWords.ready.late}`}
                    </chakra.span>
                </Box>
                {kept !== undefined && <Box color="close">{offlineWords.waits}</Box>}
                <Box color="ink2" fontSize="note" lineHeight="20px">
                    {step.why}
                </Box>
            </Box>
            {step.is_seen ? null : done === null ? (
                <Button
                    aria-label={systemsWords.ready.tick({ words: step.words })}
                    onClick={() => tick.save({ done: today })}
                    disabled={tick.isSaving}
                >
                    {systemsWords.ready.act}
                </Button>
            ) : (
                <Button
                    variant="plain"
                    aria-label={`${messages.frame.undo}: ${step.words}`}
                    onClick={() => tick.save({ done: null })}
                >
                    {messages.frame.undo}
                </Button>
            )}
        </chakra.li>
    )
}

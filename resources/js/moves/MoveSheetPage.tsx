import { useParams } from '@tanstack/react-router'
import { heldAs, shownAs, wordOf } from '../units/measure'
import { portion } from '../units/volume'
import { messages } from '../messages'
import { movesWords } from '../messages/moves'
import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useNavigate } from '@tanstack/react-router'
import { useState } from 'react'
import { write } from '../api/client'
import { moveSheetQuery } from '../api/queries'
import type { MoveSheetPage as Page } from '../api/types'
import { momentNow } from '../entry/timeNow'
import { useKeeper } from '../frame/keeper'
import { Fold } from '../frame/Fold'
import { Section } from '../frame/Section'
import { SheetHead } from '../frame/SheetHead'
import { useNameSheet } from '../frame/sheetTitle'
import { Waiting } from '../frame/Waiting'
import { SheetBody } from '../frame/SheetBody'
import { ChoiceField, optionsOf, TextField } from '../entry/fields'
import { ForecastPicture } from '../systems/ForecastPicture'
import { longDay } from '../units/day'
import { stopClocksOf } from './clocks'
import { Step, useIsDone } from './Step'
import { useWrite } from '../entry/useWrite'
import { offlineWords } from '../messages/offline'
import { stepWords } from '../messages/steps'
import { useKept } from '../offline/useKept'
import { EditSteps } from '../steps/EditSteps'

/** A prepared move: what speaks against it, what to have at hand, and every step with its reason. */
export function MoveSheetPage() {
    const { id } = useParams({ from: '/moves/$id' })
    return (
        <Waiting key={id} query={useQuery(moveSheetQuery(id))}>
            {(page) => <Sheet page={page} />}
        </Waiting>
    )
}

function Sheet({ page }: { page: Page }) {
    const { today } = useKeeper()
    const { sheet } = page
    const isOpen = sheet.state === 'planned' || sheet.state === 'begun'
    useNameSheet(
        movesWords.sheet.title({ fish: sheet.fish.join(', '), to: sheet.to }),
        `${sheet.from} · ${longDay(sheet.planned_on, today)}`,
    )
    return (
        <>
            <SheetHead
                sentence={`${movesWords.sheet.title({ fish: sheet.fish.join(', '), to: sheet.to })}, ${longDay(sheet.planned_on, today)}.`}
                comment={
                    page.match === null
                        ? movesWords.sheet.broken
                        : `${messages.labels.matches[page.match]} ${page.reasons.join(' ')} ${(page.minutes ?? 0) > 0 ? movesWords.sheet.minutes({ minutes: Math.round(page.minutes ?? 0) }) : ''}`
                }
            />
            <SheetBody
                columns="minmax(0, 7fr) minmax(0, 5fr)"
                _print={{
                    gridTemplateColumns: '7fr 4fr',
                    fontSize: '12px',
                    lineHeight: '15px',
                    padding: '6px 0 0',
                    gap: '10px 20px',
                }}
            >
                <Box
                    display="flex"
                    flexDirection="column"
                    gap="16px"
                    minWidth="0"
                    gridColumn={{ lg: 2 }}
                    _print={{ gridColumn: 2 }}
                >
                    <Beforehand page={page} isOpen={isOpen} />
                    {isOpen && <Change page={page} />}
                    <Box display="flex" flexWrap="wrap" gap="10px" className="no-print">
                        <Button onClick={() => window.print()}>{movesWords.sheet.print}</Button>
                        <Drop page={page} isOpen={isOpen} />
                    </Box>
                </Box>
                <Box
                    display="flex"
                    flexDirection="column"
                    gap="16px"
                    minWidth="0"
                    gridColumn={{ lg: 1 }}
                    gridRow={{ lg: 1 }}
                    _print={{ gap: '6px', gridColumn: 1, gridRow: 1 }}
                >
                    <Steps page={page} isOpen={isOpen} />
                    {isOpen && <Arrange page={page} />}
                    {isOpen && <Finish page={page} />}
                </Box>
            </SheetBody>
        </>
    )
}

/** Part by part. What was done before is folded, and so is what comes after the next; what is done meanwhile stays under the thumb. */
function Steps({ page, isOpen }: { page: Page; isOpen: boolean }) {
    const isDone = useIsDone(page.sheet.id)
    const phases = [...new Set(page.steps.map((step) => step.phase))].map((phase) => {
        const steps = page.steps.filter((step) => step.phase === phase)
        return { phase, steps, done: steps.filter(isDone).length }
    })
    const [doneBefore] = useState(
        () => new Set(phases.flatMap(({ phase, steps, done }) => (done === steps.length ? [phase] : []))),
    )
    const next = phases.findIndex(({ steps, done }) => done < steps.length)
    return phases.map(({ phase, steps, done }, i) => (
        <Fold
            key={phase}
            title={messages.labels.phases[phase]}
            says={movesWords.sheet.stepsDone({ done, all: steps.length })}
            beginsOpen={isOpen && !doneBefore.has(phase) && (next === -1 || i <= next)}
        >
            <chakra.ol>
                {steps.map((step) => (
                    <Step
                        key={step.key}
                        step={step}
                        sheet={page.sheet.id}
                        isOpen={isOpen}
                        isDone={isDone(step)}
                    />
                ))}
            </chakra.ol>
        </Fold>
    ))
}

/** What is to be known, and to be laid out, before anybody is caught. */
function Beforehand({ page, isOpen }: { page: Page; isOpen: boolean }) {
    return (
        <>
            <RecordThere lines={page.record} />
            <Against page={page} isOpen={isOpen} />
            {page.at_hand.length > 0 && (
                <Section title={movesWords.sheet.atHand}>
                    <chakra.ul paddingTop="6px">
                        {page.at_hand.map((one) => (
                            <li key={one}>{one}</li>
                        ))}
                    </chakra.ul>
                </Section>
            )}
            {page.forecast !== null && <Forecast page={page} forecast={page.forecast} />}
        </>
    )
}

/** Of those that come back: who wounded them, whom they stood above, why they were taken out. */
function RecordThere({ lines }: { lines: readonly string[] }) {
    return lines.length === 0 ? null : (
        <Section title={movesWords.sheet.record}>
            <Box borderInlineStart="6px solid" borderColor="close" paddingInlineStart="12px" marginTop="8px">
                {lines.map((line) => (
                    <p key={line}>{line}</p>
                ))}
            </Box>
        </Section>
    )
}

/** What becomes of the water where they go. */
function Forecast({ page, forecast }: { page: Page; forecast: NonNullable<Page['forecast']> }) {
    const { today } = useKeeper()
    return (
        <Section title={movesWords.sheet.forecast}>
            <chakra.p
                fontWeight={700}
                paddingTop="6px"
                color={
                    forecast.outcome === 'safe' ? 'fit' : forecast.outcome === 'test-daily' ? 'close' : 'over'
                }
            >
                {page.forecast_sentence}
            </chakra.p>
            {page.test_from !== null && page.test_until !== null && (
                <p>
                    {movesWords.sheet.testDates({
                        from: longDay(page.test_from, today),
                        until: longDay(page.test_until, today),
                    })}
                </p>
            )}
            <ForecastPicture
                forecast={forecast}
                from={page.sheet.planned_on > today ? page.sheet.planned_on : today}
                today={today}
                title={movesWords.sheet.forecast}
            />
        </Section>
    )
}

function Against({ page, isOpen }: { page: Page; isOpen: boolean }) {
    const [reason, setReason] = useState(page.override_reason ?? '')
    const keep = useWrite(
        'PUT',
        '/api/v1/move-sheets/{sheet}',
        { sheet: page.sheet.id },
        {
            notice: () => movesWords.sheet.overrideSaved,
        },
    )
    if (!isOpen && page.override_reason === null) {
        return null
    }
    return (
        <Section title={movesWords.sheet.objections}>
            <Box display="flex" flexDirection="column" gap="8px" paddingTop="8px">
                {page.objections.length === 0 && !page.is_broken && (
                    <chakra.p color="fit" fontWeight={700}>
                        {movesWords.sheet.noObjection}
                    </chakra.p>
                )}
                {isOpen &&
                    page.objections.map((one) => (
                        <Box
                            key={one.sentence}
                            borderInlineStart="6px solid"
                            borderColor={one.is_block ? 'over' : 'close'}
                            paddingInlineStart="12px"
                        >
                            <chakra.p
                                color={one.is_block ? 'over' : 'close'}
                                fontWeight={one.is_block ? 700 : 600}
                            >
                                {one.sentence}
                            </chakra.p>
                        </Box>
                    ))}
                {page.is_blocked && isOpen && (
                    <>
                        <TextField
                            label={movesWords.sheet.override}
                            value={reason}
                            onChange={setReason}
                            error={keep.fieldError('override_reason')}
                        />
                        <Button
                            alignSelf="start"
                            onClick={() => keep.save({ override_reason: reason === '' ? null : reason })}
                        >
                            {movesWords.sheet.overrideSave}
                        </Button>
                    </>
                )}
                {page.override_reason !== null && (
                    <chakra.p color="ink2">
                        {movesWords.sheet.override}: {page.override_reason}
                    </chakra.p>
                )}
            </Box>
        </Section>
    )
}

function Change({ page }: { page: Page }) {
    const { today, units } = useKeeper()
    const [date, setDate] = useState(page.sheet.planned_on)
    const [container, setContainer] = useState(shownAs(page.container_litres, 'volume', units))
    const [note, setNote] = useState(page.note ?? '')
    const change = useWrite(
        'PUT',
        '/api/v1/move-sheets/{sheet}',
        { sheet: page.sheet.id },
        {
            notice: () => movesWords.sheet.changed,
        },
    )
    return (
        <Box className="no-print">
            <Fold title={movesWords.sheet.change}>
                <Box
                    display="grid"
                    gridTemplateColumns="repeat(2, minmax(0, 1fr))"
                    gap="12px"
                    paddingTop="8px"
                    alignItems="end"
                    className="no-print"
                >
                    <TextField
                        label={movesWords.date}
                        type="date"
                        min={today}
                        value={date}
                        onChange={setDate}
                        error={change.fieldError('date')}
                    />
                    <TextField
                        label={movesWords.container({ unit: wordOf('volume', units) })}
                        inputMode="decimal"
                        value={container}
                        onChange={setContainer}
                        error={change.fieldError('container_litres')}
                    />
                    <ChoiceField
                        label={movesWords.mixing}
                        options={optionsOf(movesWords.mixings)}
                        value={page.mixing}
                        onChange={(mixing) => change.save({ mixing: mixing as Page['mixing'] })}
                    />
                    <TextField
                        label={movesWords.sheet.note}
                        value={note}
                        onChange={setNote}
                        error={change.fieldError('note')}
                    />
                    <Button
                        gridColumn="1 / -1"
                        justifySelf="start"
                        onClick={() =>
                            change.save({
                                date,
                                container_litres: Number(heldAs(container, 'volume', units)),
                                note: note === '' ? null : note,
                            })
                        }
                    >
                        {movesWords.sheet.saveNote}
                    </Button>
                </Box>
                {(page.drip_litres ?? 0) > 0 && (
                    <chakra.p color="ink2" fontSize="note" paddingTop="6px">
                        {movesWords.sheet.drip({ amount: portion(page.drip_litres ?? 0, units) })}
                    </chakra.p>
                )}
            </Fold>
        </Box>
    )
}

function Arrange({ page }: { page: Page }) {
    const arrange = useWrite(
        'PUT',
        '/api/v1/move-sheets/{sheet}/steps',
        { sheet: page.sheet.id },
        { notice: (answer) => (answer.is_arranged ? stepWords.saved : stepWords.asUsual) },
    )
    return page.steps.length === 0 ? null : (
        <Box>
            <EditSteps
                steps={page.steps.map(({ key, words, minutes, phase }) => ({
                    key,
                    words,
                    length: minutes,
                    part: phase,
                    partName: messages.labels.phases[phase],
                }))}
                unit={stepWords.minutes}
                isArranged={page.is_arranged}
                entry={arrange}
            />
        </Box>
    )
}

const FINISH = '/api/v1/move-sheets/{sheet}/finish'

const finishedWords = ({ fish, to }: Page['sheet']): string =>
    movesWords.sheet.finished({ fish: fish.join(', '), to })

function Finish({ page }: { page: Page }) {
    const navigate = useNavigate()
    const named = { sheet: page.sheet.id }
    const kept = useKept('POST', FINISH, named)
    const finish = useWrite('POST', FINISH, named, {
        notice: (done) => finishedWords(done.sheet),
        undo: () => write('POST', '/api/v1/move-sheets/{sheet}/take-back', named),
        onDone: () => {
            stopClocksOf(page.sheet.id)
            return navigate({ to: '/moves' })
        },
    })
    if (kept !== undefined) {
        return (
            <chakra.p color="close" fontWeight={700}>
                {finishedWords(page.sheet)} {offlineWords.waits}
            </chakra.p>
        )
    }
    return (
        <Box className="no-print">
            {finish.error !== undefined && (
                <chakra.p role="alert" color="over" fontWeight={700} paddingBottom="8px">
                    {finish.error}
                </chakra.p>
            )}
            <Button
                variant="solid"
                minHeight="58px"
                width={{ base: '100%', md: 'auto' }}
                disabled={finish.isSaving}
                onClick={() => finish.save({ at: momentNow() })}
            >
                {movesWords.sheet.finish}
            </Button>
        </Box>
    )
}

function Drop({ page, isOpen }: { page: Page; isOpen: boolean }) {
    const navigate = useNavigate()
    const onDone = () => {
        stopClocksOf(page.sheet.id)
        return navigate({ to: '/moves' })
    }
    const named = { sheet: page.sheet.id }
    const cancel = useWrite('DELETE', '/api/v1/move-sheets/{sheet}', named, {
        notice: () => movesWords.sheet.dropped,
        onDone,
    })
    const takeBack = useWrite('POST', '/api/v1/move-sheets/{sheet}/take-back', named, {
        notice: () => movesWords.sheet.takenBack,
        onDone,
    })
    const drop = isOpen ? cancel : takeBack
    if (page.sheet.state === 'cancelled') {
        return null
    }
    return (
        <>
            <Button variant="plain" onClick={() => drop.save(undefined)}>
                {isOpen ? movesWords.sheet.drop : movesWords.sheet.takeBack}
            </Button>
            {drop.error !== undefined && (
                <chakra.p role="alert" color="over">
                    {drop.error}
                </chakra.p>
            )}
        </>
    )
}

import { wordOf } from '../units/measure'
import { useKeeper } from '../frame/keeper'
import { messages } from '../messages'
import { whatIfWords } from '../messages/whatIf'
import { entryWords } from '../messages/entry'
import { lengthRange } from './sentences'
import { whatIfSentence } from './whatIfSentence'
import { Box, Button, chakra } from '@chakra-ui/react'
import { useState } from 'react'
import type { FishRow, FishSheet, OtherFuture, Ration } from '../api/types'
import { useUnit } from '../frame/keeper'
import { Fold } from '../frame/Fold'
import { PaperDialog } from '../frame/PaperDialog'
import { dailyMass } from '../units/mass'
import { ChoiceField, optionsOf, TextField } from '../entry/fields'
import { MoveForm } from '../entry/MoveForm'
import { inMillimetres, useKeeping } from './useKeeping'
import type { Changes, useWhatIf } from './useWhatIf'

interface Props {
    sheet: FishSheet
    whatIf: ReturnType<typeof useWhatIf>
    all: readonly FishRow[]
}

/** Other food, warmth, home or adult size from today on: nothing is saved until it is kept. */
export function WhatIf({ sheet, whatIf, all }: Props) {
    const { units } = useKeeper()
    const { changes, change, clear, refused, other } = whatIf
    const set = (name: keyof Changes) => (value: string) => change({ ...changes, [name]: value })
    return (
        <Box padding={{ base: '16px 2px 0', md: '16px 10px 0' }}>
            <Fold title={whatIfWords.title}>
                <chakra.p color="ink2" paddingBlock="6px">
                    {whatIfWords.help}
                </chakra.p>
                <Box
                    display="grid"
                    gridTemplateColumns={{ base: 'repeat(2, minmax(0, 1fr))', lg: 'repeat(4, 1fr)' }}
                    gap="12px"
                >
                    <ChoiceField
                        label={whatIfWords.ration}
                        options={[
                            { value: '', text: whatIfWords.asNow },
                            ...optionsOf(messages.labels.rations),
                        ]}
                        value={changes.ration}
                        onChange={set('ration')}
                        error={refused?.fieldError('ration')}
                    />
                    <TextField
                        label={whatIfWords.temperature({ unit: wordOf('temperature', units) })}
                        inputMode="decimal"
                        value={changes.temperature_c}
                        onChange={set('temperature_c')}
                        error={refused?.fieldError('temperature_c')}
                    />
                    <ChoiceField
                        label={whatIfWords.home}
                        options={[
                            { value: '', text: whatIfWords.asNow },
                            ...sheet.homes.map((home) => ({
                                value: String(home.system_id),
                                text: home.name,
                            })),
                        ]}
                        value={changes.system_id}
                        onChange={set('system_id')}
                        error={refused?.fieldError('system_id')}
                    />
                    <TextField
                        label={whatIfWords.adult}
                        value={changes.adult}
                        onChange={set('adult')}
                        error={refused?.fieldError('adult')}
                    />
                </Box>
                {changes.temperature_c.trim() !== '' && (
                    <chakra.p color="ink2" paddingTop="6px">
                        {whatIfWords.warmth}
                    </chakra.p>
                )}
                {other !== undefined && (
                    <Answer sheet={sheet} other={other} changes={changes} all={all} onClear={clear} />
                )}
            </Fold>
        </Box>
    )
}

interface AnswerProps {
    sheet: FishSheet
    other: OtherFuture
    changes: Changes
    all: readonly FishRow[]
    onClear: () => void
}

function Answer({ sheet, other, changes, all, onClear }: AnswerProps) {
    const unit = useUnit()
    const { units } = useKeeper()
    const [isMoving, setMoving] = useState(false)
    const keeping = useKeeping(sheet, onClear)
    const adult = changes.adult.trim()
    const keep = () =>
        keeping.save({
            ration: changes.ration === '' ? sheet.keeping.ration : (changes.ration as Ration),
            adult: adult === '' ? inMillimetres(sheet.keeping.adult_mm) : adult,
        })
    const horizon = other.ahead.at(-1)?.date ?? sheet.today
    return (
        <Box
            paddingBlock="10px 14px"
            display="flex"
            flexWrap="wrap"
            alignItems="center"
            columnGap="16px"
            aria-live="polite"
        >
            <chakra.p fontWeight={700} fontSize="said">
                {whatIfSentence(sheet.fish, other.home, other.reason, other.outgrows, sheet.today, horizon)}
            </chakra.p>
            <chakra.span color="ink2">
                {messages.fish.facts.adult}: {lengthRange(other.adult_mm, unit)}.{' '}
                {whatIfWords.eats({
                    mass: dailyMass(other.feed_g, units),
                    share: other.weekly_change,
                    home: other.home,
                })}
            </chakra.span>
            {(changes.ration !== '' || adult !== '') && (
                <Button onClick={keep} disabled={keeping.isSaving}>
                    {whatIfWords.keep}
                </Button>
            )}
            {changes.system_id !== '' && Number(changes.system_id) !== sheet.fish.home.system_id && (
                <Button onClick={() => setMoving(true)}>{whatIfWords.move}</Button>
            )}
            <Button variant="plain" onClick={onClear}>
                {whatIfWords.clear}
            </Button>
            {keeping.error !== undefined && (
                <chakra.p role="alert" color="over" fontWeight={600}>
                    {keeping.error}
                </chakra.p>
            )}
            <PaperDialog title={entryWords.moveTitle} open={isMoving} onClose={() => setMoving(false)}>
                <MoveForm
                    all={all}
                    fish={sheet.fish}
                    toSystem={changes.system_id}
                    today={sheet.today}
                    onDone={() => setMoving(false)}
                />
            </PaperDialog>
        </Box>
    )
}

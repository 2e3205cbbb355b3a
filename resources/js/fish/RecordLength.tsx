import { heldAs, shownAs, wordOf } from '../units/measure'
import { messages } from '../messages'
import { reviewSentence } from './sentences'
import { Box, Button, chakra, Field, Input } from '@chakra-ui/react'
import { useLocation } from '@tanstack/react-router'
import { useEffect, useRef, useState } from 'react'
import type { FishSheet, LengthKind, MeasurementEntry, Method } from '../api/types'
import { useKeeper, useUnit } from '../frame/keeper'
import { measured } from '../units/length'
import { ChoiceField, optionsOf, TextField } from '../log/fields'
import { MeasuringBoard } from './MeasuringBoard'
import { MethodChoice } from './MethodChoice'
import { useLengthEntry } from './useLengthEntry'
import { useReview } from './useReview'

interface Props {
    sheet: FishSheet
    correcting?: MeasurementEntry
    onDone?: () => void
}

/** Writes a length on the board: says at once how it is read and whether it is believable. */
export function RecordLength({ sheet, correcting, onDone }: Props) {
    const unit = useUnit()
    const { unit_system: units } = useKeeper()
    const field = useRef<HTMLInputElement>(null)
    const wantsFocus = useLocation({ select: (location) => location.hash === 'record' })
    const [length, setLength] = useState(
        correcting === undefined ? '' : (correcting.length_mm / unit.mm).toFixed(1),
    )
    const [date, setDate] = useState(correcting?.date ?? sheet.today)
    const [method, setMethod] = useState<Method>(
        correcting?.method ?? sheet.measurements.at(-1)?.method ?? 'hand',
    )
    const [lengthKind, setLengthKind] = useState<LengthKind | ''>(correcting?.length_kind ?? '')
    const [sample, setSample] = useState(
        correcting === undefined || correcting.sample === 1 ? '' : String(correcting.sample),
    )
    const [spread, setSpread] = useState(
        correcting?.spread_mm == null ? '' : shownAs(correcting.spread_mm, 'length', units),
    )
    const review = useReview(sheet.fish.id, { length, date, method })
    const entry = useLengthEntry({
        fishId: sheet.fish.id,
        fishName: sheet.fish.name,
        correcting,
        onDone: () => {
            setLength('')
            onDone?.()
        },
    })
    useEffect(() => {
        if (wantsFocus) {
            field.current?.focus({ preventScroll: true })
            field.current?.form?.scrollIntoView({ block: 'start' })
        }
    }, [wantsFocus])
    const question = entry.problem?.question
    const current = entry.problem?.current
    const lengthError = entry.fieldError('length')
    const dateError = entry.fieldError('date')
    const otherError = entry.otherError(['length', 'date'])
    const save = (keep: boolean): void =>
        entry.save({
            length,
            date,
            method,
            length_kind: lengthKind === '' ? null : lengthKind,
            sample: sample === '' ? null : Number(sample),
            spread_mm: spread === '' ? null : Number(heldAs(spread, 'length', units)),
            ...(keep ? { keep } : {}),
            ...(correcting === undefined ? {} : { version: correcting.version }),
        })
    return (
        <chakra.form
            id={correcting === undefined ? 'record' : undefined}
            display="flex"
            flexDirection="column"
            gap="12px"
            onSubmit={(event) => {
                event.preventDefault()
                save(false)
            }}
        >
            {correcting === undefined && (
                <chakra.h2 fontSize="19px" fontWeight={800}>
                    {messages.fish.record}
                </chakra.h2>
            )}
            <Box display={{ base: 'block', md: 'none' }}>
                <MeasuringBoard
                    fish={sheet.fish}
                    mm={review?.length_mm ?? sheet.fish.length_mm.likely}
                    before={sheet.fish.last_length}
                />
            </Box>
            <Field.Root invalid={lengthError !== undefined}>
                <Field.Label srOnly>{messages.fish.length}</Field.Label>
                <Box position="relative" width="100%">
                    <Input
                        ref={field}
                        size="lg"
                        inputMode={unit.word === 'cm' ? 'decimal' : 'text'}
                        autoComplete="off"
                        value={length}
                        onChange={(event) => setLength(event.target.value)}
                        paddingInlineEnd="60px"
                        enterKeyHint="done"
                    />
                    <Box
                        position="absolute"
                        insetInlineEnd="14px"
                        top="20px"
                        color="ink2"
                        fontSize="19px"
                        aria-hidden="true"
                    >
                        {unit.word}
                    </Box>
                </Box>
                <Field.ErrorText role="alert">{lengthError}</Field.ErrorText>
            </Field.Root>
            <MethodChoice value={method} onChange={setMethod} />
            <Box minHeight="46px" aria-live="polite">
                {review !== undefined && (
                    <>
                        {reviewSentence(review, unit, sheet.today)}{' '}
                        <chakra.span color="ink2">{review.other_unit}</chakra.span>
                    </>
                )}
            </Box>
            <Field.Root invalid={dateError !== undefined}>
                <Field.Label>{messages.fish.date}</Field.Label>
                <Input
                    type="date"
                    max={sheet.today}
                    value={date}
                    onChange={(event) => setDate(event.target.value)}
                />
                <Field.ErrorText role="alert">{dateError}</Field.ErrorText>
            </Field.Root>
            <chakra.details>
                <chakra.summary
                    minHeight="44px"
                    display="flex"
                    alignItems="center"
                    cursor="pointer"
                    color="accent"
                    fontWeight={700}
                    _focusVisible={{ outline: '3px solid', outlineColor: 'accent' }}
                >
                    {messages.fish.more}
                </chakra.summary>
                <Box display="flex" flexDirection="column" gap="10px" paddingBottom="8px">
                    <ChoiceField
                        label={messages.fish.lengthKind}
                        options={optionsOf({
                            '': messages.fish.ofItsSpecies,
                            ...messages.labels.lengthKinds,
                        })}
                        value={lengthKind}
                        onChange={(value) => setLengthKind(value as LengthKind | '')}
                        error={entry.fieldError('length_kind')}
                    />
                    {sheet.fish.is_shoal && (
                        <>
                            <TextField
                                label={messages.fish.sample}
                                inputMode="numeric"
                                value={sample}
                                onChange={setSample}
                                error={entry.fieldError('sample')}
                            />
                            <TextField
                                label={messages.fish.spread({ unit: wordOf('length', units) })}
                                inputMode="decimal"
                                value={spread}
                                onChange={setSpread}
                                error={entry.fieldError('spread_mm')}
                            />
                        </>
                    )}
                </Box>
            </chakra.details>
            {otherError !== undefined && (
                <chakra.p role="alert" color="over" fontWeight={600}>
                    {current === undefined
                        ? otherError
                        : messages.fish.stale({ now: measured(current.length_mm, unit) })}
                </chakra.p>
            )}
            <Box display="flex" gap="12px" flexWrap="wrap">
                <Button
                    type="submit"
                    variant="solid"
                    flex="1"
                    disabled={entry.isSaving}
                    minHeight={{ base: '58px', lg: '44px' }}
                >
                    {correcting === undefined ? messages.fish.save : messages.fish.saveCorrection}
                </Button>
                {question !== undefined && (
                    <Button type="button" onClick={() => save(true)} disabled={entry.isSaving}>
                        {messages.fish.keep}
                    </Button>
                )}
            </Box>
        </chakra.form>
    )
}

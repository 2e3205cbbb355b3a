import { Box, Button, chakra } from '@chakra-ui/react'
import { useForm, useWatch } from 'react-hook-form'
import type { FishRow, MeasurementEntry, Review, Units } from '../api/types'
import { useKeeper, useUnit } from '../frame/keeper'
import { FieldScope, fieldsOf } from '../entry/FieldForm'
import { useIsAsked } from '../entry/useIsAsked'
import { messages } from '../messages'
import type { LengthUnit } from '../units/length'
import { measured } from '../units/length'
import { heldAs, shownAs } from '../units/measure'
import { LengthLine } from './LengthLine'
import { MeasuringBoard } from './MeasuringBoard'
import { MethodChoice } from './MethodChoice'
import { MoreOfLength } from './MoreOfLength'
import type { LengthTyped } from './lengthTyped'
import { reviewSentence } from './sentences'
import { useLengthEntry } from './useLengthEntry'
import { useMeasureRound } from './useMeasureRound'
import { useReview } from './useReview'

interface Props {
    fish: FishRow
    correcting?: MeasurementEntry
    onDone?: () => void
    /** Who is measured next is asked for here; without it, on the sheet of that fish. */
    onNext?: (fish: number) => void
}

const { Text } = fieldsOf<LengthTyped>()

const asNew = (fish: FishRow, today: string): LengthTyped => ({
    length: '',
    date: today,
    method: fish.last_length?.method ?? 'hand',
    length_kind: '',
    sample: '',
    spread_mm: '',
})

const asRecorded = (entry: MeasurementEntry, unit: LengthUnit, units: Units): LengthTyped => ({
    length: (entry.length_mm / unit.mm).toFixed(1),
    date: entry.date,
    method: entry.method,
    length_kind: entry.length_kind ?? '',
    sample: entry.sample === 1 ? '' : String(entry.sample),
    spread_mm: entry.spread_mm === null ? '' : shownAs(entry.spread_mm, 'length', units),
})

/** Writes a length on the board: says at once how it is read and whether it is believable. */
export function RecordLength({ fish, correcting, onDone, onNext }: Props) {
    const unit = useUnit()
    const { today, units } = useKeeper()
    const form = useForm<LengthTyped>({
        defaultValues: correcting === undefined ? asNew(fish, today) : asRecorded(correcting, unit, units),
    })
    const [length, date, method, length_kind] = useWatch({
        control: form.control,
        name: ['length', 'date', 'method', 'length_kind'],
    })
    const round = useMeasureRound(fish.id, onNext)
    const review = useReview(fish.id, { length, date, method, length_kind })
    const entry = useLengthEntry({
        fishId: fish.id,
        fishName: fish.name,
        correcting,
        onDone: () => {
            // The day of the next one is today again.
            form.reset({ ...form.getValues(), length: '', date: today })
            if (!round.onSaved()) {
                onDone?.()
            }
        },
    })
    const save = (keep: boolean, goesOn = false): void => {
        round.goOn(goesOn)
        const { length_kind, sample, spread_mm, ...typed } = form.getValues()
        entry.save({
            ...typed,
            length_kind: length_kind === '' ? null : length_kind,
            sample: sample === '' ? null : Number(sample),
            spread_mm: spread_mm === '' ? null : Number(heldAs(spread_mm, 'length', units)),
            ...(keep ? { keep } : {}),
            ...(correcting === undefined ? {} : { version: correcting.version }),
        })
    }
    const isAsked = useIsAsked(useWatch({ control: form.control }), entry)
    const current = entry.problem?.current
    const stale = current && messages.fish.stale({ now: measured(current.length_mm, unit) })
    return (
        <FieldScope form={form} entry={entry}>
            {(otherError) => (
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
                    <Box display={{ base: 'block', md: 'none' }}>
                        <MeasuringBoard
                            fish={fish}
                            mm={review?.length_mm ?? fish.length_mm.likely}
                            before={fish.last_length}
                        />
                    </Box>
                    <LengthLine />
                    <MethodChoice value={method} onChange={(chosen) => form.setValue('method', chosen)} />
                    <Read review={review} today={today} />
                    <Text name="date" label={messages.fish.date} type="date" max={today} />
                    <MoreOfLength isShoal={fish.is_shoal} />
                    {otherError !== undefined && <Refusal>{stale ?? otherError}</Refusal>}
                    <Buttons
                        act={correcting === undefined ? messages.fish.save : messages.fish.saveCorrection}
                        isSaving={entry.isSaving}
                        isAsked={isAsked}
                        onKeep={() => save(true)}
                        next={correcting === undefined ? round.next?.name : undefined}
                        onNext={() => save(false, true)}
                    />
                </chakra.form>
            )}
        </FieldScope>
    )
}

const Refusal = (props: { children: string }) => (
    <chakra.p role="alert" color="over" fontWeight={600} {...props} />
)

/** How it is read, and what that says of the fish. */
function Read({ review, today }: { review: Review | undefined; today: string }) {
    const unit = useUnit()
    return (
        <Box minHeight="46px" aria-live="polite">
            {review !== undefined && (
                <>
                    {reviewSentence(review, unit, today)}{' '}
                    <chakra.span color="ink2">{review.other_unit}</chakra.span>
                </>
            )}
        </Box>
    )
}

interface ButtonsProps {
    act: string
    isSaving: boolean
    /** It was asked whether this can be: it can be saved as it is. */
    isAsked: boolean
    onKeep: () => void
    /** Who is measured next on the round. */
    next: string | undefined
    onNext: () => void
}

function Buttons({ act, isSaving, isAsked, onKeep, next, onNext }: ButtonsProps) {
    return (
        <Box display="flex" gap="12px" flexWrap="wrap">
            <Button
                type="submit"
                variant="solid"
                flex="1"
                disabled={isSaving}
                minHeight={{ base: '58px', lg: '44px' }}
            >
                {act}
            </Button>
            {next !== undefined && !isAsked && (
                <Button type="button" flex="1" onClick={onNext} disabled={isSaving}>
                    {messages.fish.saveThen({ name: next })}
                </Button>
            )}
            {isAsked && (
                <Button type="button" onClick={onKeep} disabled={isSaving}>
                    {messages.fish.keep}
                </Button>
            )}
        </Box>
    )
}

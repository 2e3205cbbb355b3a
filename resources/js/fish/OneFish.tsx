import { Box, Button, chakra } from '@chakra-ui/react'
import type { RefObject } from 'react'
import { useRef, useState } from 'react'
import { useKeeper, useUnit } from '../frame/keeper'
import { EntryForm } from '../entry/EntryForm'
import { ChoiceField, optionsOf, TextField } from '../entry/fields'
import { messages } from '../messages'
import { addFishWords } from '../messages/addFish'
import { SpeciesField } from '../species/SpeciesField'
import { useCheckedFish } from './useCheckedFish'
import { useFishTable } from './useFishTable'

interface LengthTyped {
    date: string
    length: string
}

interface FishTyped {
    name: string
    species: string
    system: string
    date: string
    count: string
    males: string
    females: string
}

interface Props {
    /** By name, in walking order. */
    systems: readonly string[]
    livesIn: string | undefined
}

/** Where it lives is not chosen yet. */
const EMPTY = { name: '', species: '', system: '', count: '1', males: '', females: '' }

const NO_LENGTH: LengthTyped = { date: '', length: '' }

/** One fish, or a shoal, and its lengths so far: rows of a table, the first of which brings it. */
export function OneFish({ systems, livesIn }: Props) {
    const { today } = useKeeper()
    const [typed, setFish] = useState<FishTyped>({ ...EMPTY, date: today })
    // A home that has just been added may come into the list a moment later.
    const fish = { ...typed, system: typed.system || (livesIn ?? systems[0] ?? '') }
    const [lengths, setLengths] = useState<LengthTyped[]>([{ ...NO_LENGTH, date: today }])
    /** Where the next one begins. */
    const name = useRef<HTMLInputElement>(null)
    const measured = lengths.filter(({ length }) => length.trim() !== '')
    const table = {
        text: null,
        date_order: null,
        method: 'ruler' as const,
        rows: [{ ...fish, length: '' }, ...measured.map((one) => ({ ...one, name: fish.name }))],
    }
    const add = useFishTable({
        notice: () => addFishWords.saved({ name: fish.name }),
        onDone: () => {
            setFish({ ...EMPTY, date: today, system: fish.system })
            setLengths([{ ...NO_LENGTH, date: today }])
            name.current?.focus()
        },
    })
    const { check, isChecking, failed, errors, doubts } = useCheckedFish(table.rows, add.save)
    return (
        <EntryForm
            act={addFishWords.save}
            isSaving={isChecking || add.isSaving}
            error={failed ?? add.error}
            onSave={() => check(table)}
        >
            <What fish={fish} onChange={setFish} systems={systems} errors={errors[0] ?? {}} name={name} />
            <Lengths
                lengths={lengths}
                onChange={setLengths}
                errors={lengths.map((one) =>
                    measured.includes(one) ? errors[1 + measured.indexOf(one)] : undefined,
                )}
            />
            {doubts.length > 0 && (
                <Box role="alert" display="flex" flexDirection="column" gap="10px" alignItems="flex-start">
                    {doubts.map((doubt) => (
                        <chakra.p key={doubt} color="over" fontWeight={600}>
                            {doubt}
                        </chakra.p>
                    ))}
                    <Button type="button" onClick={() => add.save(table)}>
                        {addFishWords.anyway}
                    </Button>
                </Box>
            )}
        </EntryForm>
    )
}

interface WhatProps {
    fish: FishTyped
    onChange: (fish: FishTyped) => void
    systems: readonly string[]
    errors: Partial<Record<string, string | undefined>>
    name: RefObject<HTMLInputElement | null>
}

function What({ fish, onChange, systems, errors, name }: WhatProps) {
    const { today } = useKeeper()
    const bound = (field: keyof FishTyped) => ({
        value: fish[field],
        onChange: (value: string) => onChange({ ...fish, [field]: value }),
        error: errors[field],
    })
    const wide = { base: '1 / -1', md: 'span 2' }
    return (
        <Box
            display="grid"
            gridTemplateColumns={{ base: 'repeat(2, minmax(0, 1fr))', md: 'repeat(6, minmax(0, 1fr))' }}
            gap="12px"
            alignItems="start"
        >
            <Box gridColumn={wide}>
                <TextField label={addFishWords.name} {...bound('name')} ref={name} />
            </Box>
            <Box gridColumn={wide}>
                <SpeciesField
                    label={addFishWords.species}
                    help={addFishWords.speciesHelp}
                    {...bound('species')}
                />
            </Box>
            <Box gridColumn={wide}>
                <ChoiceField
                    label={addFishWords.system}
                    options={systems.map((name) => ({ value: name, text: name }))}
                    {...bound('system')}
                />
            </Box>
            <Box gridColumn={{ md: 'span 2' }}>
                <TextField label={addFishWords.since} type="date" max={today} {...bound('date')} />
            </Box>
            <Box gridColumn={{ md: 'span 2' }}>
                <TextField label={addFishWords.count} inputMode="numeric" {...bound('count')} />
            </Box>
            {fish.count.trim() === '1' ? (
                <Box gridColumn={wide}>
                    <SexOfOne fish={fish} onChange={onChange} error={errors.males ?? errors.females} />
                </Box>
            ) : (
                <>
                    <TextField label={addFishWords.males} inputMode="numeric" {...bound('males')} />
                    <TextField label={addFishWords.females} inputMode="numeric" {...bound('females')} />
                </>
            )}
        </Box>
    )
}

interface SexProps {
    fish: FishTyped
    onChange: (fish: FishTyped) => void
    error: string | undefined
}

/** Of a single one it is asked as of a fish, not counted as of a shoal. */
function SexOfOne({ fish, onChange, error }: SexProps) {
    const value = fish.males === '1' ? 'male' : fish.females === '1' ? 'female' : ''
    return (
        <ChoiceField
            label={addFishWords.sex}
            options={[{ value: '', text: addFishWords.notKnown }, ...optionsOf(messages.labels.sexes)]}
            value={value}
            onChange={(sex) =>
                onChange({
                    ...fish,
                    males: sex === 'male' ? '1' : '',
                    females: sex === 'female' ? '1' : '',
                })
            }
            error={error}
        />
    )
}

interface LengthsProps {
    lengths: readonly LengthTyped[]
    onChange: (lengths: LengthTyped[]) => void
    errors: readonly (Record<string, string | undefined> | undefined)[]
}

function Lengths({ lengths, onChange, errors }: LengthsProps) {
    const { today } = useKeeper()
    const unit = useUnit()
    const set = (at: number, change: Partial<LengthTyped>): void =>
        onChange(lengths.map((one, i) => (i === at ? { ...one, ...change } : one)))
    return (
        <Box as="fieldset" border="none" padding="0" margin="0" minWidth="0">
            <legend>
                <strong>{addFishWords.lengthsTitle}</strong>
            </legend>
            {lengths.map((one, i) => (
                <Box
                    key={i}
                    display="grid"
                    gridTemplateColumns={{
                        base: 'repeat(2, minmax(0, 1fr))',
                        md: 'repeat(4, minmax(0, 1fr))',
                    }}
                    gap="12px"
                    paddingTop="8px"
                    alignItems="start"
                >
                    <TextField
                        label={addFishWords.date}
                        type="date"
                        max={today}
                        value={one.date}
                        onChange={(date) => set(i, { date })}
                        error={errors[i]?.date}
                    />
                    <TextField
                        label={addFishWords.length}
                        unit={unit.word}
                        value={one.length}
                        onChange={(length) => set(i, { length })}
                        error={errors[i]?.length}
                    />
                </Box>
            ))}
            <Button marginTop="12px" onClick={() => onChange([...lengths, NO_LENGTH])}>
                {addFishWords.anotherLength}
            </Button>
        </Box>
    )
}

import { asTyped, isTyped } from '../api/asTyped'
import type { BeforeAfterAsked } from '../api/queries'
import { systemsWords } from '../messages/systems'
import { Box, Button, chakra, Table } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { Fragment } from 'react'
import { useFieldArray, useForm, useWatch } from 'react-hook-form'
import { Refused } from '../api/refused'
import { beforeAfterQuery, speciesListQuery } from '../api/queries'
import type { BeforeAfterSheet, SpeciesRow, StandingSide, Units, SystemPage } from '../api/types'
import { useKeeper } from '../frame/keeper'
import { Fold } from '../frame/Fold'
import { speciesNamed } from '../species/findSpecies'
import { SpeciesNamed } from '../species/SpeciesField'
import { AskingScope, fieldsOf } from '../entry/FieldForm'
import { optionsOf } from '../entry/fields'
import { dailyMass, massWords } from '../units/mass'
import { percent } from '../units/share'
import { ForecastPicture } from './ForecastPicture'

const NO_KIND = { species: '', count: '1', length: '' }

const NOTHING = {
    kinds: [NO_KIND],
    on: '',
    filter_care: '',
    care_days_before: '',
    is_dosed: false,
    filter_media: '',
    filter_litres: '',
    weekly_change: '',
    turnover: '',
    divider_at: '',
    leaving: '',
}

type Values = typeof NOTHING

const MOST_KINDS = 8

const { Text, Choice, Check } = fieldsOf<Values>()

/** A change that is only thought of: how the system stands now and would then. */
export function BeforeAfter({ page: { system } }: { page: SystemPage }) {
    const { today } = useKeeper()
    const form = useForm<Values>({ defaultValues: NOTHING })
    useWatch({ control: form.control })
    const typed = form.getValues()
    const allSpecies = useQuery(speciesListQuery).data ?? []
    const asked = askedOf(typed, allSpecies)
    const answer = useQuery(beforeAfterQuery(system.id, asked))
    const refused = answer.error instanceof Refused ? answer.error : undefined
    const shown = asked === null || refused !== undefined ? undefined : answer.data
    return (
        <Fold
            title={systemsWords.change.title}
            says={systemsWords.change.help}
            on="every width"
            aside={
                asked !== null && (
                    <Button variant="plain" onClick={() => form.reset()}>
                        {systemsWords.change.clear}
                    </Button>
                )
            }
        >
            <chakra.p color="ink2" fontSize="note" paddingBlock="6px">
                {systemsWords.change.help}
            </chakra.p>
            <AskingScope form={form} refused={refused}>
                <Box
                    display="grid"
                    gridTemplateColumns={{
                        base: 'repeat(2, minmax(0, 1fr))',
                        md: 'repeat(3, minmax(0, 1fr))',
                    }}
                    gap="12px"
                    alignItems="start"
                >
                    <Newcomers allSpecies={allSpecies} />
                    <Text name="on" label={systemsWords.change.on} type="date" min={today} />
                    <Filter isCared={typed.filter_care !== ''} />
                    <Text name="divider_at" label={systemsWords.change.divider} />
                    <Choice
                        name="leaving"
                        label={systemsWords.change.leaving}
                        options={[
                            { value: '', text: systemsWords.change.nobody },
                            ...system.fish.map((fish) => ({ value: String(fish.id), text: fish.name })),
                        ]}
                    />
                </Box>
            </AskingScope>
            {shown !== undefined && <Answer sheet={shown} />}
        </Fold>
    )
}

/** Who else would come: one row for each kind. */
function Newcomers({ allSpecies }: { allSpecies: readonly SpeciesRow[] }) {
    const { fields, append } = useFieldArray<Values, 'kinds'>({ name: 'kinds' })
    const kinds = useWatch<Values, 'kinds'>({ name: 'kinds' })
    const last = kinds[kinds.length - 1]
    return (
        <>
            {fields.map((field, i) => {
                const name = kinds[i]?.species ?? ''
                const isUnknown =
                    name !== '' && speciesNamed(allSpecies, name) === undefined && allSpecies.length > 0
                return (
                    <Fragment key={field.id}>
                        <Box gridColumn={{ base: '1 / -1', md: 'auto' }}>
                            <SpeciesNamed
                                name={`kinds.${i}.species`}
                                label={systemsWords.change.species}
                                unknown={isUnknown ? systemsWords.change.unknownSpecies : undefined}
                            />
                        </Box>
                        <Text
                            name={`kinds.${i}.count`}
                            refusedAs={`count.${i}`}
                            label={systemsWords.change.count}
                            inputMode="numeric"
                        />
                        <Text
                            name={`kinds.${i}.length`}
                            refusedAs={`length.${i}`}
                            label={systemsWords.change.length}
                        />
                    </Fragment>
                )
            })}
            {last !== undefined && last.length.trim() !== '' && fields.length < MOST_KINDS && (
                <Button gridColumn="1 / -1" justifySelf="start" onClick={() => append(NO_KIND)}>
                    {systemsWords.change.another}
                </Button>
            )}
        </>
    )
}

/** How the water would be kept. */
function Filter({ isCared }: { isCared: boolean }) {
    return (
        <>
            <Box gridColumn={{ base: '1 / -1', md: 'auto' }}>
                <Choice
                    name="filter_care"
                    label={systemsWords.change.care}
                    options={optionsOf(systemsWords.change.cares)}
                />
            </Box>
            {isCared && (
                <Text name="care_days_before" label={systemsWords.change.careDays} inputMode="numeric" />
            )}
            <Box alignSelf="end">
                <Check name="is_dosed" label={systemsWords.change.dosed} />
            </Box>
            <Choice
                name="filter_media"
                label={systemsWords.change.media}
                options={[
                    { value: '', text: systemsWords.change.asNow },
                    ...optionsOf(systemsWords.form.medias),
                ]}
            />
            <Text name="filter_litres" label={systemsWords.change.mediaLitres} inputMode="decimal" />
            <Text name="weekly_change" label={systemsWords.change.weekly} inputMode="numeric" />
            <Text name="turnover" label={systemsWords.change.turnover} />
        </>
    )
}

/** Kinds that are not said whole are not asked about yet. */
function askedOf(typed: Values, allSpecies: readonly SpeciesRow[]): BeforeAfterAsked | null {
    const { kinds, is_dosed, filter_media, filter_litres, filter_care, care_days_before, ...rest } = typed
    const whole = kinds.flatMap(({ species, count, length }) => {
        const id = speciesNamed(allSpecies, species)?.id
        return id === undefined || length.trim() === '' ? [] : { id, count: Number(count), length }
    })
    const { on, ...changes } = rest
    const filter: Record<string, string> = {
        ...(filter_media === '' ? {} : { filter_media, filter_litres }),
        ...(filter_care === '' ? {} : { filter_care, care_days_before }),
    }
    const isAsked = whole.length > 0 || isTyped({ ...changes, ...filter })
    return isAsked
        ? {
              ...asTyped<BeforeAfterAsked>({ ...changes, ...filter, on }),
              ...(is_dosed ? { is_dosed: 'yes' } : {}),
              ...(whole.length === 0
                  ? {}
                  : {
                        'species_id[]': whole.map(({ id }) => id),
                        'count[]': whole.map(({ count }) => count),
                        'length[]': whole.map(({ length }) => length),
                    }),
          }
        : null
}

const colourOf = {
    safe: 'fit',
    'test-daily': 'close',
    'too-much': 'over',
    'filter-too-small': 'over',
} as const

function Answer({ sheet }: { sheet: BeforeAfterSheet }) {
    const { units } = useKeeper()
    const { today } = useKeeper()
    const newObjections = sheet.after.objections.filter((one) => !sheet.before.objections.includes(one))
    const state =
        newObjections.length > 0 ? 'over' : sheet.forecast === null ? 'fit' : colourOf[sheet.forecast.outcome]
    return (
        <Box paddingTop="14px" role="status">
            <chakra.p fontSize="part" lineHeight="26px" fontWeight={700} color={state}>
                {sheet.sentence}
            </chakra.p>
            {sheet.most_at_once !== null &&
                sheet.most_at_once > 0 &&
                sheet.forecast?.outcome === 'too-much' && (
                    <p>{systemsWords.change.atOnce({ n: sheet.most_at_once })}</p>
                )}
            <Table.Root marginTop="6px">
                <Table.Header>
                    <Table.Row>
                        <Table.ColumnHeader>{systemsWords.change.columns.what}</Table.ColumnHeader>
                        <Table.ColumnHeader>{systemsWords.change.columns.before}</Table.ColumnHeader>
                        <Table.ColumnHeader>{systemsWords.change.columns.after}</Table.ColumnHeader>
                    </Table.Row>
                </Table.Header>
                <Table.Body>
                    {(
                        Object.entries(systemsWords.change.rows) as [
                            keyof typeof systemsWords.change.rows,
                            string,
                        ][]
                    ).map(([name, words]) => {
                        const [before, after] = [
                            valueWords(name, sheet.before, units),
                            valueWords(name, sheet.after, units),
                        ]
                        return (
                            <Table.Row key={name}>
                                <Table.Cell>{words}</Table.Cell>
                                <Table.Cell>{before}</Table.Cell>
                                <Table.Cell
                                    fontWeight={before === after ? 400 : 700}
                                    color={isTooMuch(name, sheet.after) ? 'over' : 'ink'}
                                >
                                    {after}
                                </Table.Cell>
                            </Table.Row>
                        )
                    })}
                </Table.Body>
            </Table.Root>
            {sheet.after.objections.length > 0 && (
                <Box paddingTop="8px">
                    <chakra.h3 fontWeight={700}>{systemsWords.change.objections}</chakra.h3>
                    {sheet.after.objections.map((one) => (
                        <chakra.p key={one} color={newObjections.includes(one) ? 'over' : 'ink2'}>
                            {one}
                        </chakra.p>
                    ))}
                </Box>
            )}
            {sheet.forecast !== null && (
                <ForecastPicture
                    forecast={sheet.forecast}
                    from={sheet.on}
                    today={today}
                    title={systemsWords.change.forecast}
                />
            )}
        </Box>
    )
}

function valueWords(name: keyof typeof systemsWords.change.rows, side: StandingSide, units: Units): string {
    const value = side[name]
    if (value === null) {
        return '?'
    }
    switch (name) {
        case 'mass_g':
            return massWords(value, units)
        case 'feed_g':
            return dailyMass(value, units)
        case 'ammonia_g':
            return systemsWords.load.ofNitrogen({ mass: dailyMass(value, units) })
        case 'turnover':
            return value.toFixed(1)
        case 'nitrate_peak':
            return `${Math.round(value)} mg/l`
        case 'weekly_change_least':
            return value > 1 ? systemsWords.load.over : percent(value)
        default:
            return percent(value)
    }
}

function isTooMuch(name: keyof typeof systemsWords.change.rows, side: StandingSide): boolean {
    return (
        ((name === 'floor' || name === 'filter_share' || name === 'weekly_change_least') &&
            (side[name] ?? 0) > 1) ||
        (name === 'turnover' && side.turnover !== null && side.turnover < side.turnover_least)
    )
}

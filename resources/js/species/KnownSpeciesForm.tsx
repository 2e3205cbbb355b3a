import { Box, Button } from '@chakra-ui/react'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useNavigate } from '@tanstack/react-router'
import { useDeferredValue, useMemo, useState } from 'react'
import { useForm, useWatch } from 'react-hook-form'
import { write } from '../api/client'
import { speciesListQuery } from '../api/queries'
import type { KnownSpeciesRequest, SpeciesRow } from '../api/types'
import { useKeeper } from '../frame/keeper'
import { FieldForm, fieldsOf } from '../entry/FieldForm'
import { optionsOf } from '../entry/fields'
import { useWrite } from '../entry/useWrite'
import { messages } from '../messages'
import { speciesWords } from '../messages/species'
import { speciesNamed } from './findSpecies'
import { OutlinePicture } from './OutlinePicture'
import { SpeciesNamed } from './SpeciesField'
import { ValueFields } from './ValueFields'
import { describedFrom, typedFrom } from './valueFields'

interface Typed {
    name: string
    names: string
    species: string
    form: string
    adult: string
    grown_from: string
    grown_to: string
    grown_months: string
    temperament: string
    minimum_group: string
    least_length: string
    least_width: string
}

const EMPTY: Typed = {
    name: '',
    names: '',
    species: '',
    form: '',
    adult: '',
    grown_from: '',
    grown_to: '',
    grown_months: '',
    temperament: '',
    minimum_group: '',
    least_length: '',
    least_width: '',
}

/** Asked above; everything else waits behind "more". */
const ASKED: ReadonlySet<string> = new Set([
    'common_name',
    'names',
    'adult_length_mm',
    'growth_coefficient_per_year',
    'temperament',
    'minimum_group',
    'least_home',
])

const { Text, Choice } = fieldsOf<Typed>()
const words = speciesWords.known

/** A species that is missing, in a minute, from what a keeper knows of it. */
export function KnownSpeciesForm({ onDone }: { onDone: () => void }) {
    const { units, usual_species: usual } = useKeeper()
    const allSpecies = useQuery(speciesListQuery).data ?? []
    const form = useForm<Typed>({ defaultValues: EMPTY })
    const typed = useWatch({ control: form.control }) as Typed
    const [more, setMore] = useState<Record<string, string> | undefined>(undefined)
    const like = speciesNamed(allSpecies, typed.species)
    const navigate = useNavigate()
    const add = useWrite(
        'POST',
        '/api/v1/species/known',
        {},
        {
            notice: (sheet) => speciesWords.added({ name: sheet.species.common_name }),
            undo: (sheet) =>
                write('DELETE', '/api/v1/species/{species}', { species: sheet.species.id }).then(() =>
                    navigate({ to: '/species' }),
                ),
            onDone: async (sheet) => {
                onDone()
                await navigate({ to: '/species/$id', params: { id: sheet.species.id } })
            },
        },
    )
    return (
        <FieldForm
            form={form}
            entry={add}
            act={speciesWords.save}
            onCancel={onDone}
            onSave={() =>
                add.save({
                    ...asked(typed, like),
                    ...(more === undefined ? {} : { more: describedFrom({}, more, units, usual) }),
                })
            }
        >
            <Asked unknownLike={typed.species !== '' && like === undefined && allSpecies.length > 0} />
            <Outlined typed={typed} like={like} />
            {more === undefined ? (
                <Button alignSelf="start" onClick={() => setMore(typedFrom({}, units, usual))}>
                    {words.more}
                </Button>
            ) : (
                <ValueFields values={more} onChange={setMore} error={add.fieldError} without={ASKED} />
            )}
        </FieldForm>
    )
}

function Asked({ unknownLike }: { unknownLike: boolean }) {
    return (
        <Box
            display="grid"
            gridTemplateColumns={{ base: 'repeat(2, minmax(0, 1fr))', md: 'repeat(6, minmax(0, 1fr))' }}
            gap="12px"
            alignItems="start"
        >
            <Cell wide={3}>
                <Text name="name" label={words.name} />
            </Cell>
            <Cell wide={3}>
                <Text name="names" label={words.names} help={words.namesHelp} />
            </Cell>
            <Cell wide={3}>
                <SpeciesNamed
                    name="species"
                    label={words.like}
                    help={words.likeHelp}
                    unknown={unknownLike ? words.unknownLike : undefined}
                />
            </Cell>
            <Cell wide={3}>
                <Text name="adult" label={words.adult} help={words.adultHelp} />
            </Cell>
            <Cell wide={2} narrow>
                <Text name="grown_from" label={words.grownFrom} />
            </Cell>
            <Cell wide={2} narrow>
                <Text name="grown_to" label={words.grownTo} />
            </Cell>
            <Cell wide={2}>
                <Text name="grown_months" label={words.grownMonths} inputMode="decimal" />
            </Cell>
            <Cell wide={2}>
                <Choice
                    name="temperament"
                    label={words.temper}
                    options={[
                        { value: '', text: words.asLike },
                        ...messages.labels.tempers
                            .slice(1)
                            .map((word, i) => ({ value: String(i + 1), text: `${i + 1} ${word}` })),
                    ]}
                />
            </Cell>
            <Cell wide={2} narrow>
                <Text name="minimum_group" label={words.group} inputMode="numeric" />
            </Cell>
            <Cell wide={2} narrow>
                <Choice
                    name="form"
                    label={speciesWords.form}
                    options={[{ value: '', text: words.asLike }, ...optionsOf(speciesWords.forms)]}
                />
            </Cell>
            <Cell wide={3} narrow>
                <Text name="least_length" label={words.leastLength} />
            </Cell>
            <Cell wide={3} narrow>
                <Text name="least_width" label={words.leastWidth} />
            </Cell>
        </Box>
    )
}

function Cell({
    wide,
    narrow = false,
    children,
}: {
    wide: number
    narrow?: boolean
    children: React.ReactNode
}) {
    return <Box gridColumn={{ base: narrow ? 'auto' : '1 / -1', md: `span ${wide}` }}>{children}</Box>
}

/** What follows, as it is typed, whatever its name: a sentence, and a picture to scale. */
function Outlined({ typed, like }: { typed: Typed; like: SpeciesRow | undefined }) {
    const body = useDeferredValue(useMemo(() => asked(typed, like), [typed, like]))
    const preview = useQuery({
        queryKey: ['preview', 'species', body],
        queryFn: () => write('POST', '/api/v1/species/preview', {}, { ...body, name: words.unnamed }),
        enabled: body.adult !== '',
        placeholderData: keepPreviousData,
        retry: false,
    })
    return preview.data === undefined || preview.isError ? null : <OutlinePicture outline={preview.data} />
}

function asked(typed: Typed, like: SpeciesRow | undefined): KnownSpeciesRequest {
    const names = typed.names
        .split(/[,;\n]/)
        .map((name) => name.trim())
        .filter((name) => name !== '')
    return {
        name: typed.name,
        names,
        like_id: like?.id ?? null,
        adult: typed.adult,
        grown_from: typed.grown_from,
        grown_to: typed.grown_to,
        grown_months: numberOf(typed.grown_months),
        temperament: numberOf(typed.temperament),
        minimum_group: numberOf(typed.minimum_group),
        least_length: typed.least_length,
        least_width: typed.least_width,
        form: typed.form === '' ? null : (typed.form as NonNullable<KnownSpeciesRequest['form']>),
    }
}

/** What is no number is sent as it is, so that the answer can name the field. */
const numberOf = (text: string): number | null =>
    text.trim() === '' ? null : Number.isFinite(Number(text)) ? Number(text) : (text as unknown as number)

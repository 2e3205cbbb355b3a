import { Box } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useNavigate } from '@tanstack/react-router'
import { useForm } from 'react-hook-form'
import { write } from '../api/client'
import { systemsQuery } from '../api/queries'
import type { AcquireRequest, Method, SpeciesRow, Weighed } from '../api/types'
import { useKeeper } from '../frame/keeper'
import { FieldForm, fieldsOf } from '../entry/FieldForm'
import { optionsOf } from '../entry/fields'
import { useEntry } from '../entry/useEntry'
import { messages } from '../messages'
import { weighUpWords } from '../messages/weighUp'
import type { CandidateTyped, Perhaps } from './candidate'
import type { BagTyped } from './FromTheBag'
import { FromTheBag } from './FromTheBag'

interface Props {
    species: SpeciesRow
    typed: CandidateTyped
    /** What else it may be. */
    perhaps: readonly Perhaps[]
    weighed: Weighed
    onDone: () => void
}

interface ArrivalValues extends BagTyped {
    name: string
    date: string
    method: Method
    sex: '' | 'male' | 'female'
    males: string
    females: string
    origin: string
    purpose: AcquireRequest['purpose']
    fallback: string
    arrival_note: string
    is_quarantined: boolean
    is_watched: boolean
}

const { Text, Choice, Check } = fieldsOf<ArrivalValues>()

const filled = (text: string): string | null => (text.trim() === '' ? null : text)

const valuesOf = (typed: CandidateTyped, weighed: Weighed, today: string): ArrivalValues => ({
    name: '',
    system_id: String(weighed.quarantine_system_id ?? weighed.chain.stays[0]?.system_id ?? ''),
    date: today,
    length: typed.length,
    method: 'eye',
    sex: '',
    males: '',
    females: '',
    origin: '',
    purpose: 'display',
    fallback: typed.fallback,
    arrival_note: '',
    bag_celsius: '',
    bag_ph: '',
    bag_hours: '',
    bag_litres: '',
    is_quarantined: weighed.quarantine_system_id !== null,
    is_watched: true,
})

/** The candidate becomes a fish here, with the plan that was just weighed. */
export function AcquireForm({ species, typed, perhaps, weighed, onDone }: Props) {
    const { today } = useKeeper()
    const navigate = useNavigate()
    const systems = useQuery(systemsQuery).data ?? []
    const count = Number(typed.count) || 1
    const form = useForm<ArrivalValues>({ defaultValues: valuesOf(typed, weighed, today) })
    const entry = useEntry(
        '/api/v1/fish',
        {},
        {
            undo: (recorded) => write('DELETE', '/api/v1/fish/{fish}', { fish: recorded.id }),
            notice: (body) =>
                weighUpWords.arrived({
                    n: body.count,
                    name: body.name,
                    home: systems.find((system) => system.id === body.system_id)?.name ?? '',
                }),
            onDone: () => {
                onDone()
                void navigate({ to: '/fish' })
            },
        },
    )
    return (
        <FieldForm
            form={form}
            entry={entry}
            act={weighUpWords.save}
            onCancel={onDone}
            onSave={(values) =>
                entry.save({
                    name: values.name,
                    date: values.date,
                    method: values.method,
                    purpose: values.purpose,
                    species_id: species.id,
                    candidates: [...perhaps],
                    count,
                    ...(count === 1
                        ? { sex: values.sex === '' ? null : values.sex }
                        : { males: Number(values.males), females: Number(values.females) }),
                    system_id: Number(values.system_id),
                    length: filled(values.length),
                    origin: filled(values.origin) as AcquireRequest['origin'],
                    fallback: filled(values.fallback),
                    price: typed.price.trim() === '' ? null : Number(typed.price),
                    arrival_note: filled(values.arrival_note),
                    quarantine_days: values.is_quarantined ? weighed.quarantine_days : null,
                    is_watched: values.is_watched && values.date === today,
                })
            }
        >
            <Text name="name" label={weighUpWords.name} help={weighUpWords.nameHelp} />
            <Choice
                name="system_id"
                label={weighUpWords.home}
                options={systems.map(({ id, name }) => ({ value: String(id), text: name }))}
                placeholder="–"
            />
            <Text name="date" label={weighUpWords.day} type="date" max={today} />
            <Text name="length" label={weighUpWords.length} />
            <Choice name="method" label={weighUpWords.method} options={optionsOf(messages.labels.methods)} />
            <Sexes count={count} />
            <Choice name="origin" label={weighUpWords.origin} options={optionsOf(weighUpWords.origins)} />
            <Choice name="purpose" label={weighUpWords.purpose} options={optionsOf(weighUpWords.purposes)} />
            <Text name="fallback" label={weighUpWords.fallback} />
            <Text name="arrival_note" label={weighUpWords.note} />
            <FromTheBag species={species.id} count={typed.count} />
            <Box>
                {weighed.quarantine_days > 0 && (
                    <Check
                        name="is_quarantined"
                        label={weighUpWords.quarantineBegins({ days: weighed.quarantine_days })}
                    />
                )}
                <Check name="is_watched" label={weighUpWords.watchBegins} />
            </Box>
        </FieldForm>
    )
}

/** Of one its sex, of a shoal how many of each. */
function Sexes({ count }: { count: number }) {
    return count === 1 ? (
        <Choice name="sex" label={messages.fish.sex} options={optionsOf(messages.fish.sexes)} />
    ) : (
        <Box display="grid" gridTemplateColumns="repeat(2, minmax(0, 1fr))" gap="12px">
            <Text name="males" label={weighUpWords.males({ n: count })} inputMode="numeric" />
            <Text name="females" label={weighUpWords.females} inputMode="numeric" />
        </Box>
    )
}

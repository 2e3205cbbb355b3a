import { Box, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import type { Control } from 'react-hook-form'
import { useController, useForm, useWatch } from 'react-hook-form'
import { speciesListQuery, systemsQuery } from '../api/queries'
import type { SystemPage } from '../api/types'
import { useUnit } from '../frame/keeper'
import { FieldForm, fieldsOf, useRefusal } from '../entry/FieldForm'
import { useWrite } from '../entry/useWrite'
import { systemsWords } from '../messages/systems'
import { speciesNamed } from '../species/findSpecies'
import { SpeciesField } from '../species/SpeciesField'
import type { LengthUnit } from '../units/length'
import { measured } from '../units/length'

interface Values {
    date: string
    is_built: boolean
    uses_tap_water: boolean
    has_starter_fish: boolean
    donor_system_id: string
    donor_percent: string
    /** As typed; null: as it was. */
    species: string | null
    count: string
    length: string
}

const { Text, Choice, Check } = fieldsOf<Values>()

/** The share of a donor's filter that is lent, while nothing else is said: a third. */
const USUAL_DONOR_PERCENT = 33

const NEW = {
    wanted_on: '',
    is_built: false,
    uses_tap_water: true,
    has_starter_fish: false,
    donor_system_id: null,
    donor_share: 0,
    count: null,
    length_mm: null,
}

function valuesOf(before: SystemPage['preparation'], unit: LengthUnit): Values {
    const plan = before ?? NEW
    return {
        date: plan.wanted_on,
        is_built: plan.is_built,
        uses_tap_water: plan.uses_tap_water,
        has_starter_fish: plan.has_starter_fish,
        donor_system_id: String(plan.donor_system_id ?? ''),
        donor_percent: String(Math.round(plan.donor_share * 100) || USUAL_DONOR_PERCENT),
        species: null,
        count: String(plan.count ?? 1),
        length: plan.length_mm === null ? '' : measured(plan.length_mm, unit),
    }
}

/** When the home is wanted, what it starts from and who is to live in it first. */
export function PreparationForm({ page, onDone }: { page: SystemPage; onDone: () => void }) {
    const allSpecies = useQuery(speciesListQuery).data ?? []
    const form = useForm<Values>({ defaultValues: valuesOf(page.preparation, useUnit()) })
    const before = allSpecies.find(({ id }) => id === page.preparation?.species_id)
    const speciesName = useWatch({ control: form.control, name: 'species' }) ?? before?.common_name ?? ''
    const species = speciesNamed(allSpecies, speciesName)
    const plan = useWrite(
        'PUT',
        '/api/v1/systems/{system}/preparation',
        { system: page.system.id },
        {
            notice: () => systemsWords.ready.planned,
            onDone,
        },
    )
    return (
        <FieldForm
            form={form}
            entry={plan}
            act={systemsWords.ready.save}
            onCancel={onDone}
            onSave={({ donor_system_id: donor, donor_percent, count, length, ...typed }) =>
                plan.save({
                    date: typed.date,
                    is_built: typed.is_built,
                    uses_tap_water: typed.uses_tap_water,
                    has_starter_fish: typed.has_starter_fish,
                    donor_system_id: donor === '' ? null : Number(donor),
                    donor_percent: donor === '' ? null : Number(donor_percent),
                    species_id: species?.id ?? null,
                    count: species === undefined ? null : Number(count),
                    length: species === undefined ? null : length,
                })
            }
        >
            <Text name="date" label={systemsWords.ready.wanted} type="date" />
            <Box>
                <Check name="is_built" label={systemsWords.ready.isBuilt} />
                <Check name="uses_tap_water" label={systemsWords.ready.tap} />
                <Check name="has_starter_fish" label={systemsWords.ready.starter} />
            </Box>
            <Donor control={form.control} own={page.system.id} />
            <Stock
                control={form.control}
                name={speciesName}
                isUnknown={speciesName !== '' && species === undefined && allSpecies.length > 0}
            />
            <chakra.p color="ink2" fontSize="note">
                {systemsWords.ready.help}
            </chakra.p>
        </FieldForm>
    )
}

/** Whose ripe filter media it starts with. */
function Donor({ control, own }: { control: Control<Values>; own: number }) {
    const systems = useQuery(systemsQuery).data ?? []
    const isLent = useWatch({ control, name: 'donor_system_id' }) !== ''
    return (
        <Box display="grid" gridTemplateColumns="repeat(2, minmax(0, 1fr))" gap="12px" alignItems="start">
            <Choice
                name="donor_system_id"
                label={systemsWords.ready.donor}
                options={[
                    { value: '', text: systemsWords.ready.noDonor },
                    ...systems
                        .filter(({ id, fish }) => id !== own && fish.length > 0)
                        .map(({ id, name }) => ({ value: String(id), text: name })),
                ]}
            />
            {isLent && (
                <Text name="donor_percent" label={systemsWords.ready.donorShare} inputMode="numeric" />
            )}
        </Box>
    )
}

interface StockProps {
    control: Control<Values>
    name: string
    isUnknown: boolean
}

/** Who is to live in it first. */
function Stock({ control, name, isUnknown }: StockProps) {
    const refused = useRefusal('species_id', 'species')
    const species = useController({ control, name: 'species' }).field
    return (
        <>
            <SpeciesField
                label={systemsWords.ready.stock}
                value={name}
                onChange={species.onChange}
                error={isUnknown ? systemsWords.change.unknownSpecies : refused}
            />
            <Box display="grid" gridTemplateColumns="repeat(2, minmax(0, 1fr))" gap="12px" alignItems="start">
                <Text name="count" label={systemsWords.ready.count} inputMode="numeric" />
                <Text name="length" label={systemsWords.ready.length} />
            </Box>
        </>
    )
}

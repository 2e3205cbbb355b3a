import { messages } from '../messages'
import { Box, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { speciesListQuery, systemsQuery } from '../api/queries'
import type { SystemPage } from '../api/types'
import { CheckField } from '../log/CheckField'
import { useUnit } from '../frame/keeper'
import { SpeciesField, speciesNamed } from '../species/SpeciesField'
import { EntryForm } from '../log/EntryForm'
import { ChoiceField, TextField } from '../log/fields'
import { useWrite } from '../log/useWrite'
import { measured } from '../units/length'

/** When the home is wanted, what it starts from and who is to live in it first. */
export function PreparationForm({ page, onDone }: { page: SystemPage; onDone: () => void }) {
    const before = page.preparation
    const unit = useUnit()
    const allSpecies = useQuery(speciesListQuery).data ?? []
    const systems = (useQuery(systemsQuery).data ?? []).filter(
        (one) => one.id !== page.system.id && one.fish.length > 0,
    )
    const [date, setDate] = useState(before?.wanted_on ?? '')
    const [isBuilt, setBuilt] = useState(before?.is_built ?? false)
    const [tap, setTap] = useState(before?.uses_tap_water ?? true)
    const [starter, setStarter] = useState(before?.has_starter_fish ?? false)
    const [donor, setDonor] = useState(before?.donor_system_id == null ? '' : String(before.donor_system_id))
    const [share, setShare] = useState(
        before === null || before.donor_share === 0 ? '33' : String(Math.round(before.donor_share * 100)),
    )
    const [speciesTyped, setSpecies] = useState<string | null>(null)
    const [count, setCount] = useState(String(before?.count ?? 1))
    const [length, setLength] = useState(before?.length_mm == null ? '' : measured(before.length_mm, unit))
    const speciesName =
        speciesTyped ?? allSpecies.find((one) => one.id === before?.species_id)?.common_name ?? ''
    const species = speciesNamed(allSpecies, speciesName)
    const plan = useWrite(
        'PUT',
        '/api/v1/systems/{system}/preparation',
        { system: page.system.id },
        {
            notice: () => messages.systems.ready.planned,
            onDone,
        },
    )
    return (
        <EntryForm
            act={messages.systems.ready.save}
            isSaving={plan.isSaving}
            error={plan.problem === undefined ? plan.error : undefined}
            onCancel={onDone}
            onSave={() =>
                plan.save({
                    date,
                    is_built: isBuilt,
                    uses_tap_water: tap,
                    has_starter_fish: starter,
                    donor_system_id: donor === '' ? null : Number(donor),
                    donor_percent: donor === '' ? null : Number(share),
                    species_id: species?.id ?? null,
                    count: species === undefined ? null : Number(count),
                    length: species === undefined ? null : length,
                })
            }
        >
            <TextField
                label={messages.systems.ready.wanted}
                type="date"
                value={date}
                onChange={setDate}
                error={plan.fieldError('date')}
            />
            <Box>
                <CheckField label={messages.systems.ready.isBuilt} checked={isBuilt} onChange={setBuilt} />
                <CheckField label={messages.systems.ready.tap} checked={tap} onChange={setTap} />
                <CheckField label={messages.systems.ready.starter} checked={starter} onChange={setStarter} />
            </Box>
            <Box display="grid" gridTemplateColumns="1fr 1fr" gap="12px" alignItems="start">
                <ChoiceField
                    label={messages.systems.ready.donor}
                    options={[
                        { value: '', text: messages.systems.ready.noDonor },
                        ...systems.map((one) => ({ value: String(one.id), text: one.name })),
                    ]}
                    value={donor}
                    onChange={setDonor}
                    error={plan.fieldError('donor_system_id')}
                />
                {donor !== '' && (
                    <TextField
                        label={messages.systems.ready.donorShare}
                        inputMode="numeric"
                        value={share}
                        onChange={setShare}
                        error={plan.fieldError('donor_percent')}
                    />
                )}
            </Box>
            <SpeciesField
                label={messages.systems.ready.stock}
                value={speciesName}
                onChange={setSpecies}
                error={
                    speciesName !== '' && species === undefined && allSpecies.length > 0
                        ? messages.systems.change.unknownSpecies
                        : plan.fieldError('species_id')
                }
            />
            <Box display="grid" gridTemplateColumns="1fr 1fr" gap="12px" alignItems="start">
                <TextField
                    label={messages.systems.ready.count}
                    inputMode="numeric"
                    value={count}
                    onChange={setCount}
                    error={plan.fieldError('count')}
                />
                <TextField
                    label={messages.systems.ready.length}
                    value={length}
                    onChange={setLength}
                    error={plan.fieldError('length')}
                />
            </Box>
            <chakra.p color="ink2" fontSize="15px">
                {messages.systems.ready.help}
            </chakra.p>
        </EntryForm>
    )
}

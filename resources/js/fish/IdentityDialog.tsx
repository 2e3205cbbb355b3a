import { messages } from '../messages'
import { Box, Button } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { speciesListQuery } from '../api/queries'
import type { FishSheet } from '../api/types'
import { PaperDialog } from '../frame/PaperDialog'
import { EntryForm } from '../log/EntryForm'
import { ChoiceField, optionsOf, TextField } from '../log/fields'
import { useChange } from '../log/useChange'

/** What the fish is taken for: surely, or with up to three others that it may be. */
export function IdentityDialog({ sheet }: { sheet: FishSheet }) {
    const [open, setOpen] = useState(false)
    return (
        <>
            <Button
                variant="plain"
                fontSize="15px"
                aria-label={messages.fish.identifyLong}
                onClick={() => setOpen(true)}
            >
                {messages.fish.identify}
            </Button>
            <PaperDialog title={messages.fish.identifyTitle} open={open} onClose={() => setOpen(false)}>
                <IdentityForm sheet={sheet} onDone={() => setOpen(false)} />
            </PaperDialog>
        </>
    )
}

const MOST_CANDIDATES = 3
const FIRST_SHARE = '30'
const NEXT_SHARE = '10'
const FIELDS = [
    'species_id',
    'candidates',
    'sex',
    'hatched_on',
    ...[0, 1, 2].flatMap((n) => [`candidates.${n}.species_id`, `candidates.${n}.weight`]),
]

/** Another species that it may be, as typed; species '' while none is chosen. */
interface Perhaps {
    species: string
    share: string
}

function IdentityForm({ sheet, onDone }: { sheet: FishSheet; onDone: () => void }) {
    const { identity, fish } = sheet
    const allSpecies = useQuery(speciesListQuery).data ?? []
    const options = allSpecies.map((species) => ({ value: String(species.id), text: species.common_name }))
    const [species, setSpecies] = useState(String(identity.species_id))
    const [perhaps, setPerhaps] = useState<Perhaps[]>(
        identity.candidates.length === 0
            ? [{ species: '', share: FIRST_SHARE }]
            : identity.candidates.map((one) => ({
                  species: String(one.species_id),
                  share: String(Math.round(one.weight * 100)),
              })),
    )
    const changePerhaps = (n: number, changed: Partial<Perhaps>) =>
        setPerhaps(perhaps.map((one, i) => (i === n ? { ...one, ...changed } : one)))
    const [sex, setSex] = useState<string>(identity.sex ?? '')
    const [hatched, setHatched] = useState(identity.hatched_on ?? '')
    const change = useChange(
        '/api/v1/fish/{fish}/identity',
        { fish: fish.id },
        {
            before: identity,
            notice: messages.fish.identified({ name: fish.name }),
            onDone,
        },
    )
    const shown = FIELDS.some((field) => change.fieldError(field) !== undefined)
    return (
        <EntryForm
            act={messages.fish.saveIdentity}
            isSaving={change.isSaving}
            error={shown ? undefined : change.error}
            onCancel={onDone}
            onSave={() =>
                change.save({
                    species_id: Number(species),
                    candidates: perhaps
                        .filter((one) => one.species !== '')
                        .map((one) => ({ species_id: Number(one.species), weight: Number(one.share) / 100 })),
                    sex: sex === 'male' || sex === 'female' ? sex : null,
                    hatched_on: hatched === '' ? null : hatched,
                })
            }
        >
            <p>{messages.fish.identifyHelp}</p>
            <ChoiceField
                label={messages.fish.surely}
                options={options}
                value={species}
                onChange={setSpecies}
                error={change.fieldError('species_id')}
            />
            {perhaps.map((one, n) => (
                <Box key={n} display="grid" gridTemplateColumns="minmax(0, 1fr) 130px" gap="12px">
                    <ChoiceField
                        label={n === 0 ? messages.fish.perhaps : messages.fish.orPerhaps}
                        options={[{ value: '', text: '–' }, ...options]}
                        value={one.species}
                        onChange={(value) => changePerhaps(n, { species: value })}
                        error={change.fieldError(`candidates.${n}.species_id`)}
                    />
                    {one.species !== '' && (
                        <TextField
                            label={messages.fish.share}
                            inputMode="numeric"
                            value={one.share}
                            onChange={(value) => changePerhaps(n, { share: value })}
                            error={
                                change.fieldError(`candidates.${n}.weight`) ??
                                (n === 0 ? change.fieldError('candidates') : undefined)
                            }
                        />
                    )}
                </Box>
            ))}
            {perhaps.length < MOST_CANDIDATES && perhaps.at(-1)?.species !== '' && (
                <Button
                    type="button"
                    variant="plain"
                    alignSelf="start"
                    onClick={() => setPerhaps([...perhaps, { species: '', share: NEXT_SHARE }])}
                >
                    {messages.fish.oneSpeciesMore}
                </Button>
            )}
            <ChoiceField
                label={messages.fish.sex}
                options={optionsOf(messages.fish.sexes)}
                value={sex}
                onChange={setSex}
                error={change.fieldError('sex')}
            />
            <TextField
                label={messages.fish.hatched}
                type="date"
                max={sheet.today}
                value={hatched}
                onChange={setHatched}
                error={change.fieldError('hatched_on')}
            />
        </EntryForm>
    )
}

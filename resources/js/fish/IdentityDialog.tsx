import { Button } from '@chakra-ui/react'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Refused, write } from '../api/client'
import { kindsQuery, logKey } from '../api/queries'
import type { FishSheet, Identity, IdentityRequest } from '../api/types'
import { useNotices } from '../frame/notice'
import { PaperDialog } from '../frame/PaperDialog'
import { EntryForm } from '../log/EntryForm'
import { ChoiceField, optionsOf, TextField } from '../log/fields'
import { words } from '../words/en'

/** What the fish is taken for: surely, or with another kind that it may be. */
export function IdentityDialog({ sheet }: { sheet: FishSheet }) {
    const [open, setOpen] = useState(false)
    return (
        <>
            <Button variant="plain" fontSize="15px" aria-label={words.fish.identifyLong} onClick={() => setOpen(true)}>
                {words.fish.identify}
            </Button>
            <PaperDialog title={words.fish.identifyTitle} open={open} onClose={() => setOpen(false)}>
                <IdentityForm sheet={sheet} onDone={() => setOpen(false)} />
            </PaperDialog>
        </>
    )
}

const FIELDS = ['species_id', 'candidates', 'candidates.0.species_id', 'candidates.0.weight', 'sex', 'hatched_on']

function IdentityForm({ sheet, onDone }: { sheet: FishSheet; onDone: () => void }) {
    const { identity, fish } = sheet
    const client = useQueryClient()
    const { say } = useNotices()
    const kinds = useQuery(kindsQuery).data ?? []
    const options = kinds.map((kind) => ({ value: String(kind.id), text: kind.common_name }))
    const other = identity.candidates[0]
    const [kind, setKind] = useState(String(identity.species_id))
    const [perhaps, setPerhaps] = useState(other === undefined ? '' : String(other.species_id))
    const [share, setShare] = useState(other === undefined ? '30' : String(Math.round(other.weight * 100)))
    const [sex, setSex] = useState<string>(identity.sex ?? '')
    const [hatched, setHatched] = useState(identity.hatched_on ?? '')
    const put = (body: IdentityRequest) => write<Identity>('PUT', `fish/${fish.id}/identity`, body)
    const save = useMutation({
        mutationFn: put,
        onSuccess: async () => {
            say({
                text: words.fish.identified(fish.name),
                undo: () => {
                    void put(identity)
                        .then(() => client.invalidateQueries({ queryKey: logKey }))
                        .then(() => say({ text: words.undone }))
                },
            })
            onDone()
            await client.invalidateQueries({ queryKey: logKey })
        },
    })
    const refused = save.error instanceof Refused ? save.error : undefined
    const shown = FIELDS.some((field) => refused?.fieldError(field) !== undefined)
    return (
        <EntryForm
            act={words.fish.saveIdentity}
            isSaving={save.isPending}
            error={save.error === null || shown ? undefined : (refused?.message ?? words.unreachable)}
            onCancel={onDone}
            onSave={() =>
                save.mutate({
                    species_id: Number(kind),
                    candidates: perhaps === '' ? [] : [{ species_id: Number(perhaps), weight: Number(share) / 100 }, ...identity.candidates.slice(1)],
                    sex: sex === 'male' || sex === 'female' ? sex : null,
                    hatched_on: hatched === '' ? null : hatched,
                })
            }
        >
            <p>{words.fish.identifyHelp}</p>
            <ChoiceField label={words.fish.surely} options={options} value={kind} onChange={setKind} error={refused?.fieldError('species_id')} />
            <ChoiceField
                label={words.fish.perhaps}
                options={[{ value: '', text: '–' }, ...options]}
                value={perhaps}
                onChange={setPerhaps}
                error={refused?.fieldError('candidates.0.species_id')}
            />
            {perhaps !== '' && (
                <TextField
                    label={words.fish.share}
                    inputMode="numeric"
                    value={share}
                    onChange={setShare}
                    error={refused?.fieldError('candidates.0.weight') ?? refused?.fieldError('candidates')}
                />
            )}
            <ChoiceField label={words.fish.sex} options={optionsOf(words.fish.sexes)} value={sex} onChange={setSex} error={refused?.fieldError('sex')} />
            <TextField label={words.fish.hatched} type="date" max={sheet.today} value={hatched} onChange={setHatched} error={refused?.fieldError('hatched_on')} />
        </EntryForm>
    )
}

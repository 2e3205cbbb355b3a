import { messages } from '../messages'
import { identityWords } from '../messages/identity'
import { weighUpWords } from '../messages/weighUp'
import { Button } from '@chakra-ui/react'
import { useState } from 'react'
import type { CircumstancesRequest, FishSheet } from '../api/types'
import { PaperDialog } from '../frame/PaperDialog'
import { EntryForm } from '../entry/EntryForm'
import { ChoiceField, optionsOf, TextField } from '../entry/fields'
import { useChange } from '../entry/useChange'

/** Where a fish comes from, what it is kept for, and where it goes if it cannot stay. */
export function CircumstancesDialog({ sheet }: { sheet: FishSheet }) {
    const [open, setOpen] = useState(false)
    return (
        <>
            <Button
                variant="plain"
                fontSize="note"
                aria-label={identityWords.circumstancesLong}
                onClick={() => setOpen(true)}
            >
                {identityWords.circumstances}
            </Button>
            <PaperDialog title={identityWords.circumstancesTitle} open={open} onClose={() => setOpen(false)}>
                <CircumstancesForm sheet={sheet} onDone={() => setOpen(false)} />
            </PaperDialog>
        </>
    )
}

function CircumstancesForm({ sheet, onDone }: { sheet: FishSheet; onDone: () => void }) {
    const { name, purpose, origin, fallback } = sheet.circumstances
    const [typed, setTyped] = useState({ name, purpose, origin: origin ?? '', fallback: fallback ?? '' })
    const change = useChange(
        '/api/v1/fish/{fish}/circumstances',
        { fish: sheet.fish.id },
        {
            before: { name, purpose, origin, fallback },
            notice: identityWords.circumstancesSaved({ name: sheet.fish.name }),
            onDone,
        },
    )
    return (
        <EntryForm
            act={weighUpWords.save}
            isSaving={change.isSaving}
            error={change.error}
            onCancel={onDone}
            onSave={() =>
                change.save({
                    name: typed.name,
                    purpose: typed.purpose,
                    origin: typed.origin === '' ? null : (typed.origin as CircumstancesRequest['origin']),
                    fallback: typed.fallback.trim() === '' ? null : typed.fallback,
                })
            }
        >
            <TextField
                label={messages.fish.rename}
                value={typed.name}
                onChange={(value) => setTyped({ ...typed, name: value })}
                error={change.fieldError('name')}
            />
            <ChoiceField
                label={weighUpWords.origin}
                options={optionsOf(weighUpWords.origins)}
                value={typed.origin}
                onChange={(value) => setTyped({ ...typed, origin: value })}
                error={change.fieldError('origin')}
            />
            <ChoiceField
                label={weighUpWords.purpose}
                options={optionsOf(weighUpWords.purposes)}
                value={typed.purpose}
                onChange={(value) => setTyped({ ...typed, purpose: value as typeof typed.purpose })}
                error={change.fieldError('purpose')}
            />
            <TextField
                label={weighUpWords.fallback}
                value={typed.fallback}
                onChange={(value) => setTyped({ ...typed, fallback: value })}
                error={change.fieldError('fallback')}
            />
        </EntryForm>
    )
}

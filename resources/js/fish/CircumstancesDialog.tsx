import { Button } from '@chakra-ui/react'
import { useState } from 'react'
import type { CircumstancesRequest, FishSheet } from '../api/types'
import { PaperDialog } from '../frame/PaperDialog'
import { EntryForm } from '../log/EntryForm'
import { ChoiceField, optionsOf, TextField } from '../log/fields'
import { useChange } from '../log/useChange'
import { acquireWords } from '../words/acquire'
import { words } from '../words/en'

/** Where a fish comes from, what it is kept for, and where it goes if it cannot stay. */
export function CircumstancesDialog({ sheet }: { sheet: FishSheet }) {
    const [open, setOpen] = useState(false)
    return (
        <>
            <Button
                variant="plain"
                fontSize="15px"
                aria-label={words.fish.circumstancesLong}
                onClick={() => setOpen(true)}
            >
                {words.fish.circumstances}
            </Button>
            <PaperDialog title={words.fish.circumstancesTitle} open={open} onClose={() => setOpen(false)}>
                <CircumstancesForm sheet={sheet} onDone={() => setOpen(false)} />
            </PaperDialog>
        </>
    )
}

function CircumstancesForm({ sheet, onDone }: { sheet: FishSheet; onDone: () => void }) {
    const { purpose, origin, fallback } = sheet.circumstances
    const [typed, setTyped] = useState({ purpose, origin: origin ?? '', fallback: fallback ?? '' })
    const change = useChange<CircumstancesRequest>({
        path: `fish/${sheet.fish.id}/circumstances`,
        before: { purpose, origin, fallback },
        said: words.fish.circumstancesSaved(sheet.fish.name),
        onDone,
    })
    return (
        <EntryForm
            act={acquireWords.save}
            isSaving={change.isSaving}
            error={change.error}
            onCancel={onDone}
            onSave={() =>
                change.save({
                    purpose: typed.purpose,
                    origin: typed.origin === '' ? null : (typed.origin as CircumstancesRequest['origin']),
                    fallback: typed.fallback.trim() === '' ? null : typed.fallback,
                })
            }
        >
            <ChoiceField
                label={acquireWords.origin}
                options={optionsOf(acquireWords.origins)}
                value={typed.origin}
                onChange={(value) => setTyped({ ...typed, origin: value })}
                error={change.fieldError('origin')}
            />
            <ChoiceField
                label={acquireWords.purpose}
                options={optionsOf(acquireWords.purposes)}
                value={typed.purpose}
                onChange={(value) => setTyped({ ...typed, purpose: value as typeof typed.purpose })}
                error={change.fieldError('purpose')}
            />
            <TextField
                label={acquireWords.fallback}
                value={typed.fallback}
                onChange={(value) => setTyped({ ...typed, fallback: value })}
                error={change.fieldError('fallback')}
            />
        </EntryForm>
    )
}

import { Button } from '@chakra-ui/react'
import { Link } from '@tanstack/react-router'
import { useState } from 'react'
import { write } from '../api/client'
import type { FishSheet, Temper } from '../api/types'
import { Fact } from '../frame/Fact'
import { PaperDialog } from '../frame/PaperDialog'
import { EntryForm } from '../entry/EntryForm'
import { ChoiceField, optionsOf } from '../entry/fields'
import { useWrite } from '../entry/useWrite'
import { companyWords } from '../messages/company'

const words = companyWords.temper

/** How it gets on with others, as its log shows or as its keeper says. */
export function TemperFact({ sheet }: { sheet: FishSheet }) {
    const [open, setOpen] = useState(false)
    return (
        <Fact term="temper" name={words.name}>
            {sheet.temper.said ?? words.temperOf({ temper: words.tempers[sheet.temper.temper] })}{' '}
            {sheet.temper.part}{' '}
            <Link to="/systems/$id/company" params={{ id: sheet.fish.home.system_id }}>
                {words.whoGoesForWhom}
            </Link>{' '}
            <Button
                variant="plain"
                fontSize="note"
                aria-label={words.changeLong}
                onClick={() => setOpen(true)}
            >
                {words.change}
            </Button>
            <PaperDialog title={words.changeLong} open={open} onClose={() => setOpen(false)}>
                {open && <TemperForm sheet={sheet} onDone={() => setOpen(false)} />}
            </PaperDialog>
        </Fact>
    )
}

function TemperForm({ sheet, onDone }: { sheet: FishSheet; onDone: () => void }) {
    const before = sheet.temper.stated
    const [temper, setTemper] = useState<Temper | ''>(before ?? '')
    const { id, name } = sheet.fish
    const change = useWrite(
        'PUT',
        '/api/v1/fish/{fish}/temper',
        { fish: id },
        {
            notice: () => words.saved({ name }),
            undo: () => write('PUT', '/api/v1/fish/{fish}/temper', { fish: id }, { temper: before }),
            onDone,
        },
    )
    return (
        <EntryForm
            act={words.save}
            isSaving={change.isSaving}
            error={change.error}
            onCancel={onDone}
            onSave={() => change.save({ temper: temper === '' ? null : temper })}
        >
            <ChoiceField
                label={words.name}
                value={temper}
                onChange={(value) => setTemper(value as Temper | '')}
                options={[{ value: '', text: words.asLog }, ...optionsOf(words.tempers)]}
                help={words.help}
            />
        </EntryForm>
    )
}

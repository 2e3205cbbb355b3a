import { Button, Field, Input, Textarea } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useForm } from 'react-hook-form'
import { write } from '../api/client'
import { fishListQuery, systemsQuery } from '../api/queries'
import { FieldForm, fieldsOf, useRefusal } from '../entry/FieldForm'
import { useWrite } from '../entry/useWrite'
import { useKeeper } from '../frame/keeper'
import { PaperDialog } from '../frame/PaperDialog'
import { oneLogWords } from '../messages/oneLog'
import { READABLE, upload } from '../picture/upload'

const words = oneLogWords.note

interface Typed {
    text: string
    /** "fish 3", "system 2", or nothing: the day. */
    of: string
    date: string
    time: string
}

interface About {
    fish?: number | undefined
    system?: number | undefined
}

const { Text, Choice } = fieldsOf<Typed>()

/** Opens the slip on which a note is written. */
export function NoteButton({ about }: { about: About }) {
    const [isOpen, open] = useState(false)
    return (
        <>
            <Button onClick={() => open(true)}>{oneLogWords.part.note}</Button>
            <PaperDialog title={words.title} open={isOpen} onClose={() => open(false)}>
                {isOpen && <NoteForm about={about} onDone={() => open(false)} />}
            </PaperDialog>
        </>
    )
}

/** In a keeper's own words: of a fish, of a system, or of the day. */
export function NoteForm({ about: { fish, system }, onDone }: { about: About; onDone: () => void }) {
    const { today } = useKeeper()
    const fishes = useQuery(fishListQuery).data ?? []
    const systems = useQuery(systemsQuery).data ?? []
    const [files, setFiles] = useState<readonly File[]>([])
    const form = useForm<Typed>({
        defaultValues: { text: '', of: subjectOf({ fish, system }), date: today, time: '' },
    })
    const entry = useWrite(
        'POST',
        '/api/v1/notes',
        {},
        {
            notice: () => words.saved,
            // A picture that could not be sent does not take the note with it: it can be added to the entry.
            onDone: async ({ id }) => {
                for (const file of files) {
                    await upload(file, { entry_kind: 'note', entry_id: id }).catch(() => undefined)
                }
                onDone()
            },
            undo: ({ id }) => write('DELETE', '/api/v1/notes/{note}', { note: id }),
        },
    )
    return (
        <FieldForm
            form={form}
            entry={entry}
            act={words.save}
            onCancel={onDone}
            onSave={({ text, of, date, time }) => {
                const [sort, id] = of.split(' ')
                entry.save({
                    text,
                    date,
                    time: time === '' ? null : time,
                    fish_id: sort === 'fish' ? Number(id) : null,
                    system_id: sort === 'system' ? Number(id) : null,
                })
            }}
        >
            <NoteText register={form.register('text')} />
            <Choice
                name="of"
                label={words.of}
                options={[
                    { value: '', text: words.theDay },
                    ...fishes.map(({ id, name }) => ({ value: `fish ${id}`, text: name })),
                    ...systems.map(({ id, name }) => ({ value: `system ${id}`, text: name })),
                ]}
            />
            <Text name="date" label={words.day} type="date" max={today} />
            <Text name="time" label={words.time} type="time" />
            <Field.Root>
                <Field.Label>{words.pictures}</Field.Label>
                <Input
                    type="file"
                    multiple
                    accept={READABLE}
                    paddingBlock="8px"
                    onChange={(event) => setFiles([...(event.target.files ?? [])])}
                />
            </Field.Root>
        </FieldForm>
    )
}

function NoteText({ register }: { register: object }) {
    const error = useRefusal('text')
    return (
        <Field.Root invalid={error !== undefined}>
            <Field.Label>{words.text}</Field.Label>
            <Textarea rows={5} maxLength={4000} {...register} />
            <Field.ErrorText role="alert">{error}</Field.ErrorText>
        </Field.Root>
    )
}

function subjectOf({ fish, system }: About): string {
    if (fish !== undefined) {
        return `fish ${fish}`
    }
    return system === undefined ? '' : `system ${system}`
}

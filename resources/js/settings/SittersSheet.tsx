import { Box, Button, chakra, Field, Textarea } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useForm } from 'react-hook-form'
import type { Sitter } from '../api/types'
import { FieldForm, fieldsOf, useRefusal } from '../entry/FieldForm'
import { useWrite } from '../entry/useWrite'
import { useKeeper } from '../frame/keeper'
import { PaperDialog } from '../frame/PaperDialog'
import { Section } from '../frame/Section'
import { SheetHead } from '../frame/SheetHead'
import { Waiting } from '../frame/Waiting'
import { settingsWords } from '../messages/settings'
import { addDays, longDay } from '../units/day'
import { ago } from '../units/moment'
import { Column, Columns, Help, Line } from './Columns'
import { LinkBox } from './LinkBox'
import { accountQuery, sittersQuery } from './queries'

const words = settingsWords.sitter

/** A fortnight away is what most ask for. */
const USUAL_DAYS = 13

/** Who looks after the fish while the keeper is away. */
export function SittersSheet() {
    return <Waiting query={useQuery(sittersQuery)}>{(sitters) => <Sheet sitters={sitters} />}</Waiting>
}

function Sheet({ sitters }: { sitters: Sitter[] }) {
    const { today } = useKeeper()
    const open = sitters.filter((one) => !one.is_over)
    const over = sitters.filter((one) => one.is_over)
    const wantsLetter = useQuery(accountQuery).data?.wants_letter ?? true
    return (
        <>
            <SheetHead
                sentence={words.headline({
                    n: open.length,
                    name: open[0]?.name ?? '',
                    until: longDay(open[0]?.until ?? today, today),
                })}
                comment={words.comment}
            />
            <Columns>
                <Section title={words.ask}>
                    {!wantsLetter && <Help>{words.noLetter}</Help>}
                    <AskForm />
                </Section>
                <Column>
                    {open.length > 0 && (
                        <Section title={words.open}>
                            <chakra.ul>
                                {open.map((sitter) => (
                                    <SitterLine key={sitter.id} sitter={sitter} />
                                ))}
                            </chakra.ul>
                        </Section>
                    )}
                    {over.length > 0 && (
                        <Section title={words.over}>
                            <chakra.ul>
                                {over.map((sitter) => (
                                    <SitterLine key={sitter.id} sitter={sitter} />
                                ))}
                            </chakra.ul>
                        </Section>
                    )}
                </Column>
            </Columns>
        </>
    )
}

function SitterLine({ sitter }: { sitter: Sitter }) {
    const { today } = useKeeper()
    const takeBack = useWrite(
        'DELETE',
        '/api/v1/sitters/{sitter}',
        { sitter: sitter.id },
        { notice: () => words.takenBack },
    )
    return (
        <Line
            acts={
                sitter.is_over ? undefined : (
                    <Button
                        variant="plain"
                        aria-label={words.takeBackLabel({ name: sitter.name })}
                        onClick={() => takeBack.save(undefined)}
                    >
                        {words.takeBack}
                    </Button>
                )
            }
        >
            <b>{sitter.name}</b>,{' '}
            {words.days({ from: longDay(sitter.from, today), until: longDay(sitter.until, today) })}
            <Box color="ink2">
                {sitter.is_taken_back ? `${words.wasTakenBack}; ` : ''}
                {words.ticks({ n: sitter.ticks })};{' '}
                {sitter.seen_at === null ? words.never : words.seen({ when: ago(sitter.seen_at) })}
            </Box>
        </Line>
    )
}

interface Asked {
    name: string
    from: string
    until: string
    call: string
    note: string
}

const { Text } = fieldsOf<Asked>()

function AskForm() {
    const { today } = useKeeper()
    const [link, showLink] = useState<{ name: string; url: string }>()
    const form = useForm<Asked>({
        defaultValues: { name: '', from: today, until: addDays(today, USUAL_DAYS), call: '', note: '' },
    })
    const ask = useWrite(
        'POST',
        '/api/v1/sitters',
        {},
        {
            onDone: ({ url }) => {
                showLink({ name: form.getValues('name'), url })
                form.reset()
            },
        },
    )
    return (
        <Box paddingTop="12px">
            <FieldForm
                form={form}
                entry={ask}
                act={words.make}
                onSave={({ note, ...typed }) => ask.save({ ...typed, note: note === '' ? null : note })}
            >
                <Text name="name" label={words.name} />
                <Box
                    display="grid"
                    gridTemplateColumns={{ base: 'minmax(0, 1fr)', sm: 'minmax(0, 1fr) minmax(0, 1fr)' }}
                    gap="14px"
                >
                    <Text name="from" label={words.from} type="date" />
                    <Text name="until" label={words.until} type="date" />
                </Box>
                <Text name="call" label={words.call} />
                <Note register={form.register('note')} />
            </FieldForm>
            <PaperDialog
                title={words.linkTitle({ name: link?.name ?? '' })}
                open={link !== undefined}
                onClose={() => showLink(undefined)}
            >
                {link !== undefined && <LinkBox url={link.url} help={words.linkHelp({ name: link.name })} />}
            </PaperDialog>
        </Box>
    )
}

function Note({ register }: { register: object }) {
    const error = useRefusal('note')
    return (
        <Field.Root invalid={error !== undefined}>
            <Field.Label>{words.note}</Field.Label>
            <Textarea rows={3} maxLength={2000} {...register} />
            <Field.HelperText>{words.noteHelp}</Field.HelperText>
            <Field.ErrorText role="alert">{error}</Field.ErrorText>
        </Field.Root>
    )
}

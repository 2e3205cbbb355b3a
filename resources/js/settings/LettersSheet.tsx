import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useForm } from 'react-hook-form'
import type { Post } from '../api/types'
import { FieldForm, fieldsOf } from '../entry/FieldForm'
import { useWrite } from '../entry/useWrite'
import { Section } from '../frame/Section'
import { SheetHead } from '../frame/SheetHead'
import { Waiting } from '../frame/Waiting'
import { settingsWords } from '../messages/settings'
import { ago, atMoment } from '../units/moment'
import { Columns, Help } from './Columns'
import { lettersQuery } from './queries'

const words = settingsWords.letters

/** The letter of the morning, and the mailbox of the place. */
export function LettersSheet() {
    return <Waiting query={useQuery(lettersQuery)}>{(post) => <Sheet post={post} />}</Waiting>
}

function Sheet({ post }: { post: Post }) {
    const now = useWrite(
        'POST',
        '/api/v1/letters',
        {},
        { notice: ({ problem, sent }) => (problem === null ? words.sent({ n: sent ?? 0 }) : words.notSent) },
    )
    return (
        <>
            <SheetHead
                sentence={words.headline({
                    state: post.problem === null ? (post.is_mailed ? 'mailed' : 'kept') : 'problem',
                    at: post.at,
                })}
                comment={words.comment}
            />
            {post.problem !== null && (
                <chakra.p role="alert" color="over" fontWeight={600} padding="8px 10px">
                    {post.problem}
                    {post.tried_at !== null && ` ${words.tried({ when: ago(post.tried_at) })}`}
                </chakra.p>
            )}
            <Columns>
                <Section title={words.box}>
                    {post.letters.length === 0 && <Help>{words.none}</Help>}
                    {post.letters.map((letter) => (
                        <chakra.details key={letter.id} borderBottom="1px solid" borderColor="rule">
                            <chakra.summary minHeight="48px" paddingBlock="10px" cursor="pointer">
                                <b>{letter.subject}</b>
                                <Box color="ink2">
                                    {words.to({ to: letter.to, when: atMoment(letter.sent_at) })}
                                </Box>
                            </chakra.summary>
                            <Box whiteSpace="pre-line" overflowWrap="anywhere" paddingBottom="12px">
                                {letter.text.trim()}
                            </Box>
                        </chakra.details>
                    ))}
                </Section>
                <Section title={settingsWords.sheets.letters}>
                    <Help>
                        {post.is_mailed ? words.server({ server: post.server ?? '' }) : words.noServer}
                    </Help>
                    <HourForm at={post.at} />
                    <Button
                        marginTop="14px"
                        width="100%"
                        disabled={now.isSaving}
                        onClick={() => now.save(undefined)}
                    >
                        {words.now}
                    </Button>
                </Section>
            </Columns>
        </>
    )
}

interface Hour {
    at: string
}

const { Text } = fieldsOf<Hour>()

function HourForm({ at }: { at: string }) {
    const form = useForm<Hour>({ values: { at } })
    const change = useWrite(
        'PUT',
        '/api/v1/letters',
        {},
        { notice: (_, typed) => words.saved({ at: typed.at }) },
    )
    return (
        <Box paddingTop="12px">
            <FieldForm form={form} entry={change} act={words.save} onSave={(typed) => change.save(typed)}>
                <Text name="at" label={words.at} type="time" />
            </FieldForm>
        </Box>
    )
}

import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useForm, useWatch } from 'react-hook-form'
import { write } from '../api/client'
import type { People, Person, PersonRole } from '../api/types'
import { FieldForm, fieldsOf } from '../entry/FieldForm'
import { ChoiceField, optionsOf } from '../entry/fields'
import { useWrite } from '../entry/useWrite'
import { Fact } from '../frame/Fact'
import { useKeeper } from '../frame/keeper'
import { PaperDialog } from '../frame/PaperDialog'
import { Section } from '../frame/Section'
import { SheetHead } from '../frame/SheetHead'
import { Waiting } from '../frame/Waiting'
import { settingsWords } from '../messages/settings'
import { ago, atMoment } from '../units/moment'
import { Column, Columns, Line } from './Columns'
import { LinkBox } from './LinkBox'
import { peopleQuery } from './queries'

const words = settingsWords.people

/** Everybody who comes in here, what they may, and who is invited. */
export function PeopleSheet() {
    return <Waiting query={useQuery(peopleQuery)}>{(people) => <Sheet people={people} />}</Waiting>
}

function Sheet({ people: { people, invitations, history } }: { people: People }) {
    return (
        <>
            <SheetHead
                sentence={words.headline({ n: people.filter((one) => !one.is_closed).length })}
                comment={words.comment}
            />
            <Columns>
                <Column>
                    <Section title={settingsWords.sheets.people}>
                        <chakra.ul>
                            {people.map((person) => (
                                <PersonLine key={person.id} person={person} />
                            ))}
                        </chakra.ul>
                        <Invite />
                    </Section>
                    {invitations.length > 0 && (
                        <Section title={words.invited}>
                            <chakra.ul>
                                {invitations.map((one) => (
                                    <Invitation key={one.id} invitation={one} />
                                ))}
                            </chakra.ul>
                        </Section>
                    )}
                </Column>
                <Column>
                    <Section title={words.whoMay}>
                        <chakra.dl>
                            {(Object.keys(settingsWords.roles) as PersonRole[]).map((role) => (
                                <Fact key={role} name={settingsWords.roles[role]}>
                                    <chakra.span fontWeight={400}>{settingsWords.rolesSay[role]}</chakra.span>
                                </Fact>
                            ))}
                        </chakra.dl>
                    </Section>
                    <Section title={words.history}>
                        <chakra.ul>
                            {history.map(({ at, sentence }, i) => (
                                <Line key={i}>
                                    {sentence}
                                    <Box color="ink2">{atMoment(at)}</Box>
                                </Line>
                            ))}
                        </chakra.ul>
                    </Section>
                </Column>
            </Columns>
        </>
    )
}

function PersonLine({ person }: { person: Person }) {
    const isMe = useKeeper().id === person.id
    return (
        <Line acts={person.is_closed ? <LetIn person={person} /> : <Acts person={person} isMe={isMe} />}>
            <b>{person.name}</b>
            <chakra.span color="ink2">
                {isMe && `, ${words.you}`}
                {person.is_closed && `, ${words.closed}`}
            </chakra.span>
            <Box color="ink2" overflowWrap="anywhere">
                {person.email}
                {!person.is_closed &&
                    `; ${person.seen_at === null ? words.never : words.seen({ when: ago(person.seen_at) })}`}
            </Box>
        </Line>
    )
}

function Acts({ person, isMe }: { person: Person; isMe: boolean }) {
    const { name } = person
    const [link, showLink] = useState('')
    const change = useWrite(
        'PUT',
        '/api/v1/people/{person}',
        { person: person.id },
        {
            notice: (_, { role }) => words.roleSaved({ name, role: settingsWords.roles[role] }),
            undo: () => write('PUT', '/api/v1/people/{person}', { person: person.id }, { role: person.role }),
        },
    )
    const close = useWrite(
        'DELETE',
        '/api/v1/people/{person}',
        { person: person.id },
        {
            notice: () => words.closedSaid({ name }),
            undo: () => write('POST', '/api/v1/people/{person}/restore', { person: person.id }),
        },
    )
    const password = useWrite(
        'POST',
        '/api/v1/people/{person}/password-link',
        { person: person.id },
        { onDone: ({ url }) => showLink(url) },
    )
    return (
        <>
            <Box width="150px">
                <ChoiceField
                    label={words.role({ name })}
                    value={person.role}
                    options={optionsOf(settingsWords.roles)}
                    onChange={(role) => change.save({ role: role as PersonRole })}
                    error={change.error}
                />
            </Box>
            {!isMe && (
                <Box display="flex" alignItems="flex-end">
                    <Button
                        variant="plain"
                        aria-label={words.passwordLink({ name })}
                        onClick={() => password.save(undefined)}
                    >
                        {words.passwordLinkAct}
                    </Button>
                    <Button
                        variant="plain"
                        aria-label={words.close({ name })}
                        onClick={() => close.save(undefined)}
                    >
                        {words.closeAct}
                    </Button>
                </Box>
            )}
            <PaperDialog title={words.passwordLink({ name })} open={link !== ''} onClose={() => showLink('')}>
                {link !== '' && <LinkBox url={link} help={words.passwordLinkHelp} />}
            </PaperDialog>
        </>
    )
}

function LetIn({ person }: { person: Person }) {
    const { name } = person
    const open = useWrite(
        'POST',
        '/api/v1/people/{person}/restore',
        { person: person.id },
        { notice: () => words.opened({ name }) },
    )
    return (
        <Button variant="plain" aria-label={words.open({ name })} onClick={() => open.save(undefined)}>
            {words.openAct}
        </Button>
    )
}

function Invitation({ invitation }: { invitation: People['invitations'][number] }) {
    const { name, role, expires_at } = invitation
    const withdraw = useWrite(
        'DELETE',
        '/api/v1/invitations/{invitation}',
        { invitation: invitation.id },
        { notice: () => words.withdrawn },
    )
    return (
        <Line
            acts={
                <Button
                    variant="plain"
                    aria-label={words.withdrawLabel({ name })}
                    onClick={() => withdraw.save(undefined)}
                >
                    {words.withdraw}
                </Button>
            }
        >
            <b>{name}</b>, {settingsWords.roles[role]}
            <Box color="ink2">{words.until({ when: atMoment(expires_at) })}</Box>
        </Line>
    )
}

interface Invited {
    name: string
    role: PersonRole
}

const { Text, Choice } = fieldsOf<Invited>()

function Invite() {
    const [isOpen, open] = useState(false)
    return (
        <>
            <Button marginTop="14px" onClick={() => open(true)}>
                {words.invite}
            </Button>
            <PaperDialog title={words.invite} open={isOpen} onClose={() => open(false)}>
                {isOpen && <InviteForm onDone={() => open(false)} />}
            </PaperDialog>
        </>
    )
}

function InviteForm({ onDone }: { onDone: () => void }) {
    const form = useForm<Invited>({ defaultValues: { name: '', role: 'helper' } })
    const invite = useWrite('POST', '/api/v1/invitations', {}, {})
    const role = useWatch({ control: form.control, name: 'role' })
    if (invite.answer !== undefined) {
        return <LinkBox url={invite.answer.url} help={words.linkHelp} />
    }
    return (
        <FieldForm
            form={form}
            entry={invite}
            act={words.makeLink}
            onCancel={onDone}
            onSave={(typed) => invite.save(typed)}
        >
            <Text name="name" label={words.inviteName} />
            <Choice name="role" label={words.inviteRole} options={optionsOf(settingsWords.roles)} />
            <p>{settingsWords.rolesSay[role]}</p>
        </FieldForm>
    )
}

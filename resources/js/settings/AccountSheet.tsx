import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import Bowser from 'bowser'
import { useForm, useWatch } from 'react-hook-form'
import type { Account } from '../api/types'
import { FieldForm, fieldsOf } from '../entry/FieldForm'
import { useWrite } from '../entry/useWrite'
import { Section } from '../frame/Section'
import { SheetHead } from '../frame/SheetHead'
import { Waiting } from '../frame/Waiting'
import { settingsWords } from '../messages/settings'
import { ago, atMoment } from '../units/moment'
import { Column, Columns, Line } from './Columns'
import { accountQuery } from './queries'

const words = settingsWords.account

/** Whoever is signed in: name, address, password, and where else they are. */
export function AccountSheet() {
    return <Waiting query={useQuery(accountQuery)}>{(account) => <Sheet account={account} />}</Waiting>
}

function Sheet({ account }: { account: Account }) {
    return (
        <>
            <SheetHead
                sentence={words.headline({
                    name: account.name,
                    role: settingsWords.roles[account.role],
                    n: account.sign_ins.length,
                })}
                comment={settingsWords.rolesSay[account.role]}
            />
            <Columns>
                <Column>
                    <Section title={words.who}>
                        <WhoForm account={account} />
                    </Section>
                    <Section title={words.signIns}>
                        <SignIns account={account} />
                    </Section>
                </Column>
                <Section title={words.password}>
                    <PasswordForm />
                </Section>
            </Columns>
        </>
    )
}

interface Who {
    name: string
    email: string
    wants_letter: boolean
    password: string
}

const who = fieldsOf<Who>()

function WhoForm({ account }: { account: Account }) {
    const form = useForm<Who>({ values: { ...account, password: '' } })
    const change = useWrite('PUT', '/api/v1/account', {}, { notice: () => words.saved })
    const email = useWatch({ control: form.control, name: 'email' })
    return (
        <Box paddingTop="12px">
            <FieldForm
                form={form}
                entry={change}
                act={words.save}
                onSave={({ password, name, email, wants_letter }) =>
                    change.save({ name, email, wants_letter, password: password === '' ? null : password })
                }
            >
                <who.Text name="name" label={words.name} autoComplete="name" />
                <who.Text name="email" label={words.email} type="email" autoComplete="username" />
                {email !== account.email && (
                    <who.Text
                        name="password"
                        label={words.passwordForEmail}
                        type="password"
                        autoComplete="current-password"
                    />
                )}
                <who.Check name="wants_letter" label={words.wantsLetter} />
            </FieldForm>
        </Box>
    )
}

interface NewPassword {
    password: string
    new_password: string
}

const fresh = fieldsOf<NewPassword>()

function PasswordForm() {
    const form = useForm<NewPassword>({ defaultValues: { password: '', new_password: '' } })
    const change = useWrite(
        'PUT',
        '/api/v1/account/password',
        {},
        { notice: () => words.changed, onDone: () => form.reset() },
    )
    return (
        <Box paddingTop="12px">
            <FieldForm form={form} entry={change} act={words.change} onSave={(typed) => change.save(typed)}>
                <fresh.Text
                    name="password"
                    label={words.old}
                    type="password"
                    autoComplete="current-password"
                />
                <fresh.Text
                    name="new_password"
                    label={words.fresh}
                    type="password"
                    autoComplete="new-password"
                    help={words.freshHelp}
                />
            </FieldForm>
        </Box>
    )
}

function SignIns({ account }: { account: Account }) {
    const endAll = useWrite('DELETE', '/api/v1/account/sign-ins', {}, { notice: () => words.endedAll })
    return (
        <>
            <chakra.ul>
                {account.sign_ins.map((one) => (
                    <SignIn key={one.id} row={one} />
                ))}
            </chakra.ul>
            {account.sign_ins.length > 1 && (
                <Button marginTop="12px" disabled={endAll.isSaving} onClick={() => endAll.save(undefined)}>
                    {words.endAll}
                </Button>
            )}
        </>
    )
}

function SignIn({ row }: { row: Account['sign_ins'][number] }) {
    const end = useWrite(
        'DELETE',
        '/api/v1/account/sign-ins/{signin}',
        { signin: row.id },
        { notice: () => words.ended },
    )
    const device = deviceName(row.agent)
    return (
        <Line
            acts={
                row.is_this ? undefined : (
                    <Button
                        variant="plain"
                        aria-label={`${words.end}: ${device}`}
                        onClick={() => end.save(undefined)}
                    >
                        {words.end}
                    </Button>
                )
            }
        >
            <b>{device}</b>
            {row.is_this && <span>, {words.here}</span>}
            <Box color="ink2">{words.began({ when: atMoment(row.began_at), seen: ago(row.seen_at) })}</Box>
        </Line>
    )
}

/** "Firefox on Linux", out of the way in which browsers name themselves. */
function deviceName(agent: string): string {
    if (agent === '') {
        return words.unknownDevice
    }
    const { browser, os } = Bowser.parse(agent)
    return browser.name === undefined || browser.name === ''
        ? words.unknownDevice
        : words.device({ browser: browser.name, system: os.name ?? '' })
}

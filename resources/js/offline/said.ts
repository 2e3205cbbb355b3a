import type { Written } from '../api/client'
import { dayNow } from '../entry/timeNow'
import { messages } from '../messages'
import { offlineWords as words } from '../messages/offline'
import { longDay } from '../units/day'

/** What names the log goes by, by the numbers of the API. */
export interface Names {
    fish: ReadonlyMap<number, string>
    systems: ReadonlyMap<number, string>
}

type Body = Readonly<Record<string, unknown>>

type Kind = Exclude<keyof typeof words.entries, 'correction' | 'sheet' | 'preparation'>

/** What waits, in a sentence; without the network nobody else can say it. */
export function saidOf({ method, path, named, body: sent }: Written, names: Names, today: string): string {
    const body = (sent ?? {}) as Body
    if (path.endsWith('/steps/{step}')) {
        return stepSaid(named as Body, body, names, today)
    }
    if (method === 'PUT') {
        return words.entries.correction({ what: corrected(body) })
    }
    const kind = path.slice(path.lastIndexOf('/') + 1) as Kind
    const say = words.entries[kind] as (values: Record<string, string>) => string
    return say({
        name: aboutWhom(named as Body, body, names),
        what: whatOf(kind, body, names),
        day: dayOf(body, today),
    })
}

const dayOf = ({ date, at }: Body, today: string): string =>
    longDay(typeof date === 'string' ? date : dayNow(new Date(String(at))), today)

function stepSaid(named: Body, { done, at }: Body, names: Names, today: string): string {
    const said = {
        done: String(done !== false && done !== null),
        day: at === undefined ? '' : dayOf({ at }, today),
    }
    return named.sheet === undefined
        ? words.entries.preparation({ name: aboutWhom(named, {}, names), ...said })
        : words.entries.sheet(said)
}

function aboutWhom(named: Body, body: Body, { fish, systems }: Names): string {
    return (
        nameIn(fish, named.fish ?? body.fish_id ?? body.actor_id) ??
        nameIn(systems, named.system ?? body.system_id) ??
        (named.system === undefined ? words.someone : words.somewhere)
    )
}

const nameIn = (names: ReadonlyMap<number, string>, id: unknown): string | undefined =>
    typeof id === 'number' ? names.get(id) : undefined

function whatOf(kind: Kind, body: Body, names: Names): string {
    const { labels } = messages
    switch (kind) {
        case 'measurements':
            return text(body.length)
        case 'counts':
            return text(body.number)
        case 'losses':
            return labels.losses[body.kind as keyof typeof labels.losses]
        case 'moves':
            return nameIn(names.systems, body.to_system_id) ?? words.somewhere
        case 'incidents':
            return `${labels.acts[body.act as keyof typeof labels.acts]} ${nameIn(names.fish, body.target_id) ?? words.others}`
        case 'water-tests':
            return listed(body.values as Body, labels.quantities)
        case 'water-works':
            return [labels.works[body.kind as keyof typeof labels.works], ...percent(body.percent)].join(' ')
        case 'spendings':
            return text(body.what)
        default:
            return text(body.text)
    }
}

const percent = (value: unknown): string[] => (typeof value === 'number' ? [`${value} %`] : [])

const listed = (values: Body, called: Readonly<Record<string, string>>): string =>
    Object.entries(values)
        .map(([name, value]) => `${called[name] ?? name} ${text(value)}`)
        .join(', ')

function corrected(body: Body): string {
    const fields = (body.fields ?? { length: body.length, date: body.date }) as Body
    return Object.values(fields).map(text).filter(Boolean).join(', ')
}

const text = (value: unknown): string =>
    typeof value === 'string' || typeof value === 'number' ? String(value) : ''

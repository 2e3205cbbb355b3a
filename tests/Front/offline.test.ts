import 'fake-indexeddb/auto'
import { QueryClient } from '@tanstack/react-query'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { onUnanswered, write } from '../../resources/js/api/client'
import type { Written } from '../../resources/js/api/client'
import type { SitterSheet } from '../../resources/js/api/types'
import { isKeepable } from '../../resources/js/api/keepable'
import { KeptHere, Refused, Unreachable } from '../../resources/js/api/refused'
import { forgetAnswers, keepAnswers, keptAnswer } from '../../resources/js/offline/answers'
import { lastKept } from '../../resources/js/offline/lastKept'
import {
    MOST_KEPT,
    MOST_PICTURES,
    dropEntry,
    isWaiting,
    keepEntry,
    keptEntries,
    sendKept,
} from '../../resources/js/offline/outbox'
import { saidOf } from '../../resources/js/offline/said'
import { asOfToday } from '../../resources/js/offline/today'
import { isOf, upload } from '../../resources/js/picture/upload'
import { keepPicture, keepTick, sendTicks, withKept } from '../../resources/js/sitter/keptTicks'
import type { Ticked } from '../../resources/js/sitter/queries'

const KEEPER = 1

/** As in a page, where addresses are of the place itself. */
class RequestOfPage extends Request {
    constructor(asked: RequestInfo | URL, init?: RequestInit) {
        super(typeof asked === 'string' ? new URL(asked, 'http://127.0.0.1') : asked, init)
    }
}

const length = (value: string, key = value): Written => ({
    method: 'POST',
    path: '/api/v1/fish/{fish}/measurements',
    named: { fish: 3 },
    body: { length: value, date: '2027-03-13', method: 'hand' },
    key,
})

type Reply = Response | 'nobody'

const json = (status: number, body: object): Response =>
    new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } })

const recorded = (): Response => json(201, { id: 7 })

/** What was asked, in order, of a server that answers as it is told. */
let asked: { url: string; key: string | null; body: unknown }[] = []

function answer(replies: readonly Reply[]): void {
    const left = [...replies]
    vi.stubGlobal('document', { cookie: 'XSRF-TOKEN=t', documentElement: { lang: 'en' } })
    vi.stubGlobal(
        'fetch',
        vi.fn(async (request: Request) => {
            const reply = left.shift() ?? 'nobody'
            if (reply === 'nobody') {
                throw new TypeError('Failed to fetch')
            }
            asked.push({
                url: new URL(request.url).pathname,
                key: request.headers.get('Idempotency-Key'),
                body: await request.json(),
            })
            return reply
        }),
    )
}

beforeEach(async () => {
    asked = []
    for (const { id } of [...(await keptEntries(KEEPER)), ...(await keptEntries(0))]) {
        await dropEntry(id)
    }
    await forgetAnswers()
})

afterEach(() => {
    vi.unstubAllGlobals()
    onUnanswered(undefined)
})

describe('what may be written later', () => {
    it.each([
        ['POST', '/api/v1/fish/{fish}/measurements', { date: '2027-03-13' }, true],
        ['POST', '/api/v1/quick-entries', { at: '2027-03-13T08:10Z' }, true],
        ['POST', '/api/v1/quick-entries', { text: 'fed kiln' }, false],
        ['PUT', '/api/v1/log/{line}', { version: 3 }, true],
        ['PUT', '/api/v1/log/{line}', {}, false],
        ['PUT', '/api/v1/move-sheets/{sheet}/steps/{step}', { done: true, at: '2027-03-13T08:10Z' }, true],
        ['PUT', '/api/v1/move-sheets/{sheet}/steps/{step}', { done: true }, false],
        ['PUT', '/api/v1/systems/{system}/preparation/steps/{step}', { done: null }, true],
        ['PUT', '/api/v1/move-sheets/{sheet}/steps', { at: '2027-03-13T08:10Z' }, false],
        ['POST', '/api/v1/fish', { date: '2027-03-13' }, false],
        ['POST', '/api/v1/quick-entries/preview', { at: '2027-03-13T08:10Z' }, false],
        ['PUT', '/api/v1/rulebook', { version: 1 }, false],
        ['DELETE', '/api/v1/fish/{fish}/measurements', { date: '2027-03-13' }, false],
        ['POST', '/api/v1/incidents', null, false],
        ['POST', '/api/v1/pictures', { picture: 'a file', at: '2027-03-13T08:10Z' }, true],
        ['POST', '/api/v1/move-sheets/{sheet}/finish', { at: '2027-03-13T08:10Z' }, true],
        ['POST', '/api/v1/move-sheets/{sheet}/take-back', { at: '2027-03-13T08:10Z' }, false],
    ] as const)('%s %s', (method, path, body, isIt) => {
        expect(isKeepable({ method, path, body })).toBe(isIt)
    })
})

describe('an entry that nobody answers', () => {
    const measure = () =>
        write(
            'POST',
            '/api/v1/fish/{fish}/measurements',
            { fish: 3 },
            { length: '23.5', date: '2027-03-13', method: 'hand' },
        )

    it('waits on the device', async () => {
        answer(['nobody'])
        onUnanswered((written) => keepEntry(KEEPER, written))
        await expect(measure()).rejects.toBeInstanceOf(KeptHere)
        const [kept] = await keptEntries(KEEPER)
        expect(kept).toMatchObject({ path: '/api/v1/fish/{fish}/measurements', named: { fish: 3 } })
    })

    it('waits no longer once it is sent', async () => {
        answer([recorded()])
        const id = await keepEntry(KEEPER, length('23.5'))
        expect(await isWaiting(id)).toBe(true)
        await sendKept(KEEPER)
        expect(await isWaiting(id)).toBe(false)
    })

    it('stays in its form where the device keeps nothing', async () => {
        answer(['nobody', 'nobody'])
        await expect(measure()).rejects.toBeInstanceOf(Unreachable)
        onUnanswered(() => Promise.reject(new Error('a private window')))
        await expect(measure()).rejects.toBeInstanceOf(Unreachable)
    })

    it('stays in its form also where the device keeps as many as it may', async () => {
        for (let i = 0; i < MOST_KEPT; i++) {
            await keepEntry(KEEPER, length(String(i)))
        }
        onUnanswered((written) => keepEntry(KEEPER, written))
        answer(['nobody'])
        await expect(measure()).rejects.toBeInstanceOf(Unreachable)
        expect(await keptEntries(KEEPER)).toHaveLength(MOST_KEPT)
    })

    it('is another entry when the same is written again', async () => {
        answer(['nobody', 'nobody'])
        onUnanswered((written) => keepEntry(KEEPER, written))
        await expect(measure()).rejects.toBeInstanceOf(KeptHere)
        await expect(measure()).rejects.toBeInstanceOf(KeptHere)
        expect(new Set((await keptEntries(KEEPER)).map(({ key }) => key)).size).toBe(2)
    })

    it('is refused at once by a server that answers', async () => {
        answer([json(422, { message: 'No.' })])
        onUnanswered((written) => keepEntry(KEEPER, written))
        await expect(measure()).rejects.toBeInstanceOf(Refused)
        expect(await keptEntries(KEEPER)).toEqual([])
    })
})

describe('what waits', () => {
    it('is sent in the order of writing, under its own keys, and then waits no more', async () => {
        for (const text of ['1', '2', '3']) {
            await keepEntry(KEEPER, length(text))
        }
        answer([recorded(), recorded(), recorded()])
        expect(await sendKept(KEEPER)).toHaveLength(3)
        expect(asked.map(({ key }) => key)).toEqual(['1', '2', '3'])
        expect(asked[0]).toMatchObject({ url: '/api/v1/fish/3/measurements', body: { length: '1' } })
        expect(await keptEntries(KEEPER)).toEqual([])
    })

    it('stops where the network goes again, and loses nothing', async () => {
        for (const text of ['1', '2', '3']) {
            await keepEntry(KEEPER, length(text))
        }
        answer([recorded(), 'nobody'])
        expect(await sendKept(KEEPER)).toHaveLength(1)
        expect((await keptEntries(KEEPER)).map(({ key }) => key)).toEqual(['2', '3'])
    })

    it.each([401, 429, 500, 503])('waits on when the server answers %i', async (status) => {
        await keepEntry(KEEPER, length('1'))
        // A session that has ended is asked for over the page; nobody signs in here.
        answer([json(status, { message: 'Later.' })])
        await sendKept(KEEPER)
        expect((await keptEntries(KEEPER))[0]?.refusal).toBeUndefined()
    })

    it('keeps what was refused with the reason, lets the others go on, and does not ask again by itself', async () => {
        await keepEntry(KEEPER, length('2 m'))
        await keepEntry(KEEPER, length('23'))
        answer([json(422, { message: 'Is that so?', question: 'unlikely-growth' }), recorded()])
        expect(await sendKept(KEEPER)).toHaveLength(1)
        expect((await keptEntries(KEEPER))[0]?.refusal).toMatchObject({
            status: 422,
            problem: { message: 'Is that so?' },
        })
        answer([])
        expect(await sendKept(KEEPER)).toEqual([])
    })

    it('is not sent by somebody else', async () => {
        await keepEntry(KEEPER, length('1'))
        answer([recorded()])
        expect(await sendKept(KEEPER + 1)).toEqual([])
        expect(asked).toEqual([])
    })
})

describe('a picture that nobody answers', () => {
    const file = (name: string): File => new File(['fish'], name, { type: 'image/jpeg' })
    const keepPictures = (): void => onUnanswered((written) => keepEntry(KEEPER, written))

    it('waits on the device and is sent as a form', async () => {
        answer(['nobody'])
        keepPictures()
        await expect(upload(file('a.jpg'), { fish: 3 })).rejects.toBeInstanceOf(KeptHere)
        const kept = await keptEntries(KEEPER)
        expect(kept.map((entry) => [isOf(entry, { fish: 3 }), isOf(entry, { fish: 4 })])).toEqual([
            [true, false],
        ])

        const sent: FormData[] = []
        vi.stubGlobal('fetch', async (request: Request) => {
            sent.push(await request.formData())
            return recorded()
        })
        expect(await sendKept(KEEPER)).toHaveLength(1)
        expect(sent[0]?.get('fish_id')).toBe('3')
        expect(sent[0]?.get('at')).toMatch(/^\d{4}-\d\d-\d\dT\d\d:\d\dZ$/)
        expect(await (sent[0]?.get('picture') as File | undefined)?.text()).toBe('fish')
    })

    it('is the same one when it is sent again, and another file is another', async () => {
        answer(['nobody', 'nobody', 'nobody'])
        const keys: string[] = []
        const inner = fetch
        vi.stubGlobal('fetch', (request: Request) => {
            keys.push(request.headers.get('Idempotency-Key') ?? '')
            return inner(request)
        })
        const [one, other] = [file('a.jpg'), file('b.jpg')]
        for (const each of [one, one, other]) {
            await expect(upload(each, { fish: 3 })).rejects.toBeInstanceOf(Unreachable)
        }
        expect(keys[1]).toBe(keys[0])
        expect(keys[2]).not.toBe(keys[0])
    })

    it('does not wait when its keeper has stopped it, or where there is no room', async () => {
        keepPictures()
        answer(['nobody', 'nobody'])
        const stopping = new AbortController()
        stopping.abort()
        await expect(upload(file('a.jpg'), { fish: 3 }, stopping.signal)).rejects.toBeInstanceOf(Unreachable)
        for (let i = 0; i < MOST_PICTURES; i++) {
            await keepEntry(KEEPER, {
                ...length(String(i)),
                path: '/api/v1/pictures',
                body: { picture: file(`${i}.jpg`) },
            })
        }
        await expect(upload(file('b.jpg'), { fish: 3 })).rejects.toBeInstanceOf(Unreachable)
        expect(await keptEntries(KEEPER)).toHaveLength(MOST_PICTURES)
    })
})

describe('a step that was ticked without a network', () => {
    const path = '/api/v1/move-sheets/{sheet}/steps/{step}'
    const tick = (step: string, done: boolean, key: string): Written => ({
        method: 'PUT',
        path,
        named: { sheet: 2, step },
        body: { done, at: '2027-03-13T08:10Z' },
        key,
    })
    const lastOf = async (sheet: number, step: string): Promise<unknown> =>
        lastKept(await keptEntries(KEEPER), { method: 'PUT', path, named: { sheet, step } })?.body

    it('stands as it was said last', async () => {
        await keepEntry(KEEPER, tick('net', true, '1'))
        await keepEntry(KEEPER, tick('lid', true, '2'))
        await keepEntry(KEEPER, tick('net', false, '3'))
        expect(await lastOf(2, 'net')).toMatchObject({ done: false })
        expect(await lastOf(2, 'lid')).toMatchObject({ done: true })
        expect(await lastOf(3, 'lid')).toBeUndefined()
    })

    it('stands no more when it was refused', async () => {
        await keepEntry(KEEPER, tick('net', true, '1'))
        answer([json(422, { message: 'That move is finished.' })])
        await sendKept(KEEPER)
        expect(await lastOf(2, 'net')).toBeUndefined()
    })
})

describe('the round of a sitter', () => {
    const home = (id: number, fed: object | null = null): object => ({
        system_id: id,
        name: `Tank ${id}`,
        fed,
        looked: null,
    })
    const round = { sitter: 'Ada', today: '2027-03-13', homes: [home(1), home(2)] } as unknown as SitterSheet
    const ticked = (at: string, task: 'feed' | 'look' = 'look', system = 1): Ticked => ({
        system,
        task,
        outcome: 'fine',
        note: null,
        at,
    })

    beforeEach(() => vi.stubGlobal('window', { location: { hash: '#ours' } }))

    it('is sent with the link that it was written with, pictures too', async () => {
        await keepTick(ticked('2027-03-13T12:10Z'))
        await keepPicture({ system: 2, picture: new File(['fish'], 'a.jpg'), at: '2027-03-13T12:11Z' })
        vi.stubGlobal('window', { location: { hash: '#another' } })
        expect(withKept(round, await keptEntries(0)).homes[0]?.looked).toBeNull()

        const sent: string[] = []
        vi.stubGlobal('document', { cookie: 'XSRF-TOKEN=t' })
        vi.stubGlobal('Request', RequestOfPage)
        vi.stubGlobal('fetch', (request: Request) => {
            sent.push(`${request.url} ${request.headers.get('Authorization')}`)
            return Promise.resolve(new Response(null, { status: 204 }))
        })
        expect(await sendTicks()).toBe(2)
        expect(sent).toEqual([
            'http://127.0.0.1/api/v1/sitter-round/1/look Bearer ours',
            'http://127.0.0.1/api/v1/sitter-round/2/pictures Bearer ours',
        ])
    })

    it('shows what waits on the phone as done, at the home and on the day of the tick', async () => {
        await keepTick(ticked('2027-03-13T12:10Z'))
        await keepTick(ticked('2027-03-11T12:10Z', 'look', 2))
        const { homes } = withKept(round, await keptEntries(0))
        expect(homes[0]?.looked).toMatchObject({ outcome: 'fine', note: null })
        expect(homes[1]?.looked).toBeNull()
        expect(homes[0]?.fed).toBeNull()
    })

    it('has nothing ticked on another day than that of the answer', () => {
        const before = { ...round, homes: [home(1, { outcome: 'fed', time: '08:00', note: null })] }
        expect(asOfToday(before, new Date(2027, 2, 13, 9))).toEqual(before)
        expect(asOfToday(before, new Date(2027, 2, 14, 9))).toMatchObject({
            today: '2027-03-14',
            homes: [{ fed: null }],
        })
    })
})

describe('what was answered', () => {
    const question = (key: readonly string[]): string => JSON.stringify(key)
    const client = (): QueryClient => new QueryClient()
    const written = () => new Promise((wait) => setTimeout(wait, 20))

    it('is kept with its age, and secrets are not', async () => {
        const from = client()
        const end = keepAnswers(from)
        from.setQueryData(['today'], { today: '2027-03-13', due: [] })
        from.setQueryData(['secrets'], { token: 'abc' })
        await written()
        end()
        expect((await keptAnswer(question(['today'])))?.data).toMatchObject({ due: [] })
        expect(await keptAnswer(question(['secrets']))).toBeUndefined()
    })

    it('is forgotten after a month', async () => {
        const from = client()
        const end = keepAnswers(from)
        from.setQueryData(['fish'], [])
        await written()
        end()
        const days = (n: number): number => Date.now() + n * 86_400_000
        expect(await keptAnswer(question(['fish']), days(29))).toBeDefined()
        expect(await keptAnswer(question(['fish']), days(31))).toBeUndefined()
    })

    it('is forgotten when somebody else comes in', async () => {
        const from = client()
        const end = keepAnswers(from)
        from.setQueryData(['session'], { keeper: { id: 1 } })
        await written()
        from.setQueryData(['fish'], [])
        await written()
        from.setQueryData(['session'], { keeper: { id: 2 } })
        await written()
        end()
        expect(await keptAnswer(question(['fish']))).toBeUndefined()
        expect(await keptAnswer(question(['session']))).toBeDefined()
    })
})

describe('an answer of yesterday', () => {
    const morning = new Date(2027, 2, 14, 7, 5)

    it('takes what is written now for today', () => {
        expect(asOfToday({ today: '2027-03-13', n: 1 }, morning)).toEqual({ today: '2027-03-14', n: 1 })
        expect(asOfToday({ keeper: { today: '2027-03-13' } }, morning)).toEqual({
            keeper: { today: '2027-03-14' },
        })
    })

    it('never goes back, and leaves alone what tells of no day', () => {
        expect(asOfToday({ today: '2027-03-15' }, morning)).toEqual({ today: '2027-03-15' })
        expect(asOfToday([1], morning)).toEqual([1])
        expect(asOfToday({ keeper: null }, morning)).toEqual({ keeper: null })
    })
})

describe('what waits, in words', () => {
    const names = { fish: new Map([[3, 'Bramble']]), systems: new Map([[2, 'Long tank']]) }
    const said = (written: Partial<Written>): string =>
        saidOf({ ...length('23.5 cm'), ...written }, names, '2027-03-14')

    it.each<[string, Partial<Written>]>([
        ['Length of Bramble: 23.5 cm, 13 March', {}],
        [
            'Water test, Long tank: nitrate 40, 13 March',
            {
                path: '/api/v1/systems/{system}/water-tests',
                named: { system: 2 },
                body: { date: '2027-03-13', values: { nitrate_mg_l: '40' } },
            },
        ],
        [
            'Bramble chased the others, 13 March',
            {
                path: '/api/v1/incidents',
                named: {},
                body: { actor_id: 3, target_id: null, act: 'chased', date: '2027-03-13' },
            },
        ],
        [
            '“fed kiln”, 13 March',
            { path: '/api/v1/quick-entries', named: {}, body: { text: 'fed kiln', at: '2027-03-13T08:10Z' } },
        ],
        [
            'A correction: 24, 2027-03-13',
            {
                method: 'PUT',
                path: '/api/v1/measurements/{measurement}',
                named: { measurement: 5 },
                body: { length: '24', date: '2027-03-13', version: 2 },
            },
        ],
    ])('%s', (sentence, written) => {
        expect(said(written).replaceAll('\u00a0', ' ').toLowerCase()).toBe(sentence.toLowerCase())
    })
})

import type { Written } from './client'

/**
 * May it be written later? What happened, with the day on which it did, is as true an hour later, and so
 * is a step that was done; a correction names what it saw, so that it cannot go over what somebody else has changed. All else decides something about
 * how things stand now, and waits for the network in its form.
 */
export const isKeepable = ({ method, path, body }: Pick<Written, 'method' | 'path' | 'body'>): boolean =>
    method === 'POST'
        ? HAPPENED.some((address) => address.test(path)) && has(body, ['date', 'at'])
        : method === 'PUT' && path in NAMING && has(body, [NAMING[path] ?? ''])

const HAPPENED = [
    /\/fish\/\{fish\}\/(measurements|counts|losses|moves|inspections|health-observations|treatments)$/,
    /\/systems\/\{system\}\/(meals|water-tests|water-works)$/,
    /\/(incidents|notes|spendings|quick-entries|pictures)$/,
    /\/move-sheets\/\{sheet\}\/finish$/,
    /\/foods\/\{food\}\/stock$/,
    /\/cultures\/\{culture\}\/entries$/,
    /\/watches\/\{watch\}\/checks$/,
]

/** What names when it was done, or what it saw; of steps the last word is the one that stands. */
const NAMING: Readonly<Record<string, string>> = {
    '/api/v1/log/{line}': 'version',
    '/api/v1/measurements/{measurement}': 'version',
    '/api/v1/move-sheets/{sheet}/steps/{step}': 'at',
    '/api/v1/systems/{system}/preparation/steps/{step}': 'done',
}

const has = (body: unknown, names: readonly string[]): boolean =>
    typeof body === 'object' && body !== null && names.some((name) => name in body)

import type { PersonRole } from '../api/types'
import { settingsWords as words } from '../messages/settings'

export type SheetName = keyof typeof words.sheets

interface Sheet {
    title: string
    /** Who finds it. */
    roles: readonly PersonRole[]
}

const everybody = ['owner', 'keeper', 'helper', 'viewer'] as const

/** The sheets of Settings, as often as they are wanted. */
export const SHEETS: Record<SheetName, Sheet> = {
    account: { title: words.sheets.account, roles: everybody },
    place: { title: words.sheets.place, roles: ['owner'] },
    people: { title: words.sheets.people, roles: ['owner'] },
    sitter: { title: words.sheets.sitter, roles: ['owner'] },
    letters: { title: words.sheets.letters, roles: ['owner'] },
    files: { title: words.sheets.files, roles: ['owner', 'keeper'] },
    backups: { title: words.sheets.backups, roles: ['owner'] },
    secrets: { title: words.sheets.secrets, roles: ['owner'] },
}

export const isSheet = (name: string): name is SheetName => name in SHEETS

export const sheetsOf = (role: PersonRole): SheetName[] =>
    (Object.keys(SHEETS) as SheetName[]).filter((name) => SHEETS[name].roles.includes(role))

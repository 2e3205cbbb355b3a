import { Box } from '@chakra-ui/react'
import { Link, useParams } from '@tanstack/react-router'
import type { ReactNode } from 'react'
import { useKeeper } from '../frame/keeper'
import { useNameSheet } from '../frame/sheetTitle'
import { UnknownPage } from '../frame/UnknownPage'
import { settingsWords as words } from '../messages/settings'
import { AccountSheet } from './AccountSheet'
import { BackupsSheet } from './BackupsSheet'
import { FilesSheet } from './FilesSheet'
import { LettersSheet } from './LettersSheet'
import { PeopleSheet } from './PeopleSheet'
import { PlaceSheet } from './PlaceSheet'
import { SecretsSheet } from './SecretsSheet'
import type { SheetName } from './sheets'
import { isSheet, SHEETS } from './sheets'
import { SittersSheet } from './SittersSheet'

const drawn: Record<SheetName, () => ReactNode> = {
    account: AccountSheet,
    place: PlaceSheet,
    people: PeopleSheet,
    sitter: SittersSheet,
    letters: LettersSheet,
    files: FilesSheet,
    backups: BackupsSheet,
    secrets: SecretsSheet,
}

/** One sheet of Settings; who may not set it, does not find it. */
export function SettingsSheet() {
    const { sheet } = useParams({ from: '/settings/$sheet' })
    const { role } = useKeeper()
    return isSheet(sheet) && SHEETS[sheet].roles.includes(role) ? <Named name={sheet} /> : <UnknownPage />
}

function Named({ name }: { name: SheetName }) {
    useNameSheet(SHEETS[name].title, words.title)
    const Sheet = drawn[name]
    return (
        <>
            <BackToSettings />
            <Sheet />
        </>
    )
}

export function BackToSettings() {
    return (
        <Box padding={{ base: '10px 2px 0', md: '10px 10px 0' }} _print={{ display: 'none' }}>
            <Link to="/settings">{words.back}</Link>
        </Box>
    )
}

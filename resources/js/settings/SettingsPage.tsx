import { Box, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { Link } from '@tanstack/react-router'
import { useKeeper } from '../frame/keeper'
import { SheetHead } from '../frame/SheetHead'
import { useNameSheet } from '../frame/sheetTitle'
import { settingsWords as words } from '../messages/settings'
import { ago } from '../units/moment'
import { backupsQuery, peopleQuery } from './queries'
import { useSays } from './says'
import type { SheetName } from './sheets'
import { SHEETS, sheetsOf } from './sheets'

/** What can be set, each with how it stands now. */
export function SettingsPage() {
    const keeper = useKeeper()
    useNameSheet(words.title, words.comment)
    return (
        <>
            {keeper.role === 'owner' ? (
                <OwnersHead />
            ) : (
                <SheetHead
                    sentence={words.headlineOfOne({ name: keeper.name, role: words.roles[keeper.role] })}
                    comment={words.rolesSay[keeper.role]}
                />
            )}
            <Box
                as="ul"
                padding={{ base: '12px 2px 24px', md: '14px 10px 24px' }}
                maxWidth="860px"
                listStyleType="none"
            >
                {sheetsOf(keeper.role).map((name) => (
                    <Row key={name} name={name} />
                ))}
            </Box>
        </>
    )
}

function OwnersHead() {
    const { facility } = useKeeper()
    const people = useQuery(peopleQuery).data
    const backups = useQuery(backupsQuery).data
    const last = backups?.backups[0]
    const backup = last === undefined ? 'none' : backups?.is_old === true ? 'old' : ago(last.made_at)
    return (
        <SheetHead
            sentence={
                people === undefined || backups === undefined
                    ? words.title
                    : words.headline({
                          people: people.people.filter((one) => !one.is_closed).length,
                          place: facility,
                          backup,
                      })
            }
            comment={words.comment}
        />
    )
}

function Row({ name }: { name: SheetName }) {
    const { text, isWarning } = useSays(name)
    return (
        <chakra.li borderBottom="1px solid" borderColor="rule">
            <Link
                to="/settings/$sheet"
                params={{ sheet: name }}
                style={{ display: 'block', color: 'inherit', textDecoration: 'none' }}
            >
                <Box
                    display="grid"
                    gridTemplateColumns={{ base: 'minmax(0, 1fr)', md: '240px minmax(0, 1fr)' }}
                    columnGap="16px"
                    alignItems="baseline"
                    minHeight="56px"
                    paddingBlock="14px 10px"
                    _hover={{ background: 'fresh' }}
                >
                    <chakra.span
                        fontWeight={800}
                        fontSize="said"
                        textDecoration="underline"
                        textUnderlineOffset="4px"
                        color="accent"
                    >
                        {SHEETS[name].title}
                    </chakra.span>
                    <chakra.span color={isWarning ? 'over' : 'ink2'} fontWeight={isWarning ? 600 : 400}>
                        {text}
                    </chakra.span>
                </Box>
            </Link>
        </chakra.li>
    )
}

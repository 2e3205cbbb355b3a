import { Box, Button, chakra } from '@chakra-ui/react'
import { useInfiniteQuery } from '@tanstack/react-query'
import { useNavigate, useSearch } from '@tanstack/react-router'
import { logQuery } from './queries'
import type { LogLine } from '../api/types'
import { Drawing } from '../frame/Drawing'
import { useKeeper } from '../frame/keeper'
import { AsTable } from '../frame/AsTable'
import { SheetHead } from '../frame/SheetHead'
import { useNameSheet } from '../frame/sheetTitle'
import { oneLogWords as words } from '../messages/oneLog'
import { longDay } from '../units/day'
import { askedOf } from './groups'
import { LogFilters } from './LogFilters'
import { LogLines } from './LogLines'
import type { LogSearch } from './logSearch'
import { NoteButton } from './NoteForm'
import { Weeks } from './Weeks'

/** Everything that happened, newest first; the address says what of it is shown. */
export function LogPage() {
    const search = useSearch({ from: '/log' })
    const navigate = useNavigate({ from: '/log' })
    const { today } = useKeeper()
    useNameSheet(words.title)
    const log = useInfiniteQuery(logQuery(askedOf(search)))
    const lines = log.data?.pages.flatMap((page) => page.lines) ?? []
    const show = (next: LogSearch): void => void navigate({ search: next, replace: true })
    return (
        <>
            <SheetHead sentence={headline(lines, search, today, log.isPending)} comment={words.comment} />
            <Box padding={{ base: '8px 2px 30px', md: '8px 10px 30px' }}>
                <Weeks
                    asked={askedOf(search)}
                    until={search.until ?? null}
                    onChoose={(until) => show({ ...search, from: undefined, until })}
                />
                <Box
                    display="grid"
                    gridTemplateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 300px' }}
                    gap={{ base: '8px', lg: '0 34px' }}
                    alignItems="start"
                >
                    <Box
                        gridColumn={{ lg: 2 }}
                        display="flex"
                        flexDirection="column"
                        gap="14px"
                        paddingTop="14px"
                    >
                        <NoteButton about={{ fish: search.fish, system: search.system }} />
                        <LogFilters key={JSON.stringify(search.words)} shown={search} onShow={show} />
                    </Box>
                    <Box gridColumn={{ lg: 1 }} gridRow={{ lg: 1 }} aria-busy={log.isFetching}>
                        {log.data?.pages[0]?.guessed != null && (
                            <chakra.p paddingTop="12px" fontWeight={600}>
                                {log.data.pages[0].guessed}
                            </chakra.p>
                        )}
                        {log.error !== null && (
                            <chakra.p role="alert" color="over" fontWeight={600} paddingTop="12px">
                                {log.error.message}
                            </chakra.p>
                        )}
                        {log.isPending ? <Drawing /> : <LogLines lines={lines} />}
                        {lines.length > 0 && search.removed === undefined && (
                            <AsTable table="log" {...ofOne(search)} />
                        )}
                        {log.hasNextPage && (
                            <Button
                                marginTop="14px"
                                disabled={log.isFetchingNextPage}
                                onClick={() => void log.fetchNextPage()}
                            >
                                {words.more}
                            </Button>
                        )}
                    </Box>
                </Box>
            </Box>
        </>
    )
}

/** The table knows one fish or one system alone; other filters are for reading. */
function ofOne({ fish, system }: LogSearch): { of?: { fish: number } | { system: number } } {
    if (fish !== undefined) {
        return { of: { fish } }
    }
    return system === undefined ? {} : { of: { system } }
}

function headline(lines: readonly LogLine[], search: LogSearch, today: string, isPending: boolean): string {
    const newest = lines[0]
    if (newest !== undefined && search.removed === undefined) {
        return words.last({ day: longDay(newest.date, today), sentence: newest.sentence.replace(/\.$/, '') })
    }
    if (isPending) {
        return words.title
    }
    if (search.removed !== undefined) {
        return lines.length === 0 ? words.noneRemoved : words.removedTitle
    }
    return Object.keys(search).length === 0 ? words.nothingYet : words.none
}

import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import type { Backups } from '../api/types'
import { useWrite } from '../entry/useWrite'
import { ToCopy } from '../frame/ToCopy'
import { Section } from '../frame/Section'
import { SheetHead } from '../frame/SheetHead'
import { Waiting } from '../frame/Waiting'
import { settingsWords } from '../messages/settings'
import { ago, atMoment } from '../units/moment'
import { BackupTimeline } from './BackupTimeline'
import { Column, Columns, Help, Line } from './Columns'
import { FileLink } from '../frame/FileLink'
import { backupsQuery, isUnderWay } from './queries'
import { TaskBar } from './TaskBar'

const words = settingsWords.backups

const RESTORE = 'php artisan biomegas:restore FILE'

const MEGABYTE = 1_000_000

/** The backups that there are, when they were made, and one more. */
export function BackupsSheet() {
    return <Waiting query={useQuery(backupsQuery)}>{(backups) => <Sheet backups={backups} />}</Waiting>
}

function Sheet({ backups }: { backups: Backups }) {
    const last = backups.backups[0]
    const make = useWrite('POST', '/api/v1/backups', {}, {})
    return (
        <>
            <SheetHead
                sentence={words.headline({
                    n: backups.backups.length,
                    old: backups.is_old ? 'yes' : 'no',
                    last: last === undefined ? '' : ago(last.made_at),
                })}
                comment={words.comment({ at: backups.at, nights: backups.nights, months: backups.months })}
            />
            <BackupTimeline backups={backups.backups} />
            <Columns>
                <Section title={words.list}>
                    {backups.backups.length === 0 && <Help>{words.none}</Help>}
                    <chakra.ul>
                        {backups.backups.map((backup) => (
                            <BackupLine key={backup.name} backup={backup} />
                        ))}
                    </chakra.ul>
                </Section>
                <Column>
                    <Box display="flex" flexDirection="column" gap="12px">
                        <Button
                            variant="solid"
                            minHeight="50px"
                            disabled={make.isSaving || isUnderWay(backups.task)}
                            onClick={() => make.save(undefined)}
                        >
                            {words.make}
                        </Button>
                        <TaskBar task={backups.task} />
                        <chakra.p overflowWrap="anywhere">{words.where({ folder: backups.folder })}</chakra.p>
                    </Box>
                    <Box>
                        <p>{words.restore}</p>
                        <Box paddingBlock="8px">
                            <ToCopy>{RESTORE}</ToCopy>
                        </Box>
                        <chakra.p color="ink2">{words.restoreHelp}</chakra.p>
                    </Box>
                </Column>
            </Columns>
        </>
    )
}

function BackupLine({ backup }: { backup: Backups['backups'][number] }) {
    const when = atMoment(backup.made_at)
    const remove = useWrite(
        'DELETE',
        '/api/v1/backups/{backup}',
        { backup: backup.name },
        { notice: () => words.removed },
    )
    return (
        <Line
            acts={
                <>
                    <FileLink href={`/api/v1/backups/${backup.name}`} label={words.fetchLabel({ when })}>
                        {words.fetch}
                    </FileLink>
                    <Button
                        variant="plain"
                        aria-label={words.removeLabel({ when })}
                        onClick={() => remove.save(undefined)}
                    >
                        {words.remove}
                    </Button>
                </>
            }
        >
            <b>{when}</b>{' '}
            <chakra.span color="ink2">{words.size({ mb: (backup.bytes / MEGABYTE).toFixed(1) })}</chakra.span>
        </Line>
    )
}

import { Box } from '@chakra-ui/react'
import { useState } from 'react'
import type { Backups } from '../api/types'
import { useWidth } from '../frame/useWidth'
import { settingsWords } from '../messages/settings'
import { ago } from '../units/moment'
import { ink } from '../theme/tokens'

const DAY_MS = 86_400_000
const HEIGHT = 74
const LINE_Y = 44
const MARGIN = 12

/** As far back as is worth a look; older ones stand at the left end. */
const MOST_DAYS = 90
const LEAST_DAYS = 14
const WEEK = 7

/** When backups were made, along a tape of days: a gap is seen at once. */
export function BackupTimeline({ backups }: { backups: Backups['backups'] }) {
    const [ref, width] = useWidth<HTMLDivElement>()
    const [now] = useState(() => Date.now())
    const ages = backups.map((one) => (now - Date.parse(one.made_at)) / DAY_MS)
    const days = Math.min(MOST_DAYS, Math.max(LEAST_DAYS, ...ages))
    const xOf = (age: number): number => width - MARGIN - (Math.min(age, days) / days) * (width - 2 * MARGIN)
    const weeks = Array.from({ length: Math.floor(days / WEEK) + 1 }, (_, i) => i * WEEK)
    const last = backups[0]
    return (
        <Box ref={ref} padding={{ base: '12px 2px 0', md: '14px 10px 0' }}>
            {width > 0 && (
                <svg
                    width={width}
                    height={HEIGHT}
                    role="img"
                    aria-label={settingsWords.backups.line}
                    style={{ display: 'block' }}
                >
                    <path d={`M${xOf(days)} ${LINE_Y}H${xOf(0)}`} stroke={ink('ink')} strokeWidth={2.4} />
                    <rect
                        x={xOf(WEEK)}
                        y={LINE_Y - 5}
                        width={xOf(0) - xOf(WEEK)}
                        height={5}
                        fill={ink('water')}
                    />
                    {weeks.map((week) => (
                        <path
                            key={week}
                            d={`M${xOf(week)} ${LINE_Y}v7`}
                            stroke={ink('ink')}
                            strokeWidth={1}
                        />
                    ))}
                    {backups.map((one, i) => (
                        <path
                            key={one.name}
                            d={`M${xOf(ages[i] ?? 0)} ${LINE_Y}l-5.5 -11h11z`}
                            fill={i === 0 ? ink('accent') : ink('ink')}
                        />
                    ))}
                    <text x={xOf(0)} y={HEIGHT - 8} textAnchor="end" fontSize={14} fill={ink('ink2')}>
                        {settingsWords.backups.today}
                    </text>
                    <text x={xOf(days)} y={HEIGHT - 8} fontSize={14} fill={ink('ink2')}>
                        {ago(new Date(now - days * DAY_MS).toISOString(), now)}
                    </text>
                    {last !== undefined && (ages[0] ?? 0) < days && (
                        <text
                            x={Math.min(Math.max(xOf(ages[0] ?? 0), 60), width - 60)}
                            y={LINE_Y - 18}
                            textAnchor="middle"
                            fontSize={14}
                            fontWeight={700}
                            fill={ink('accent')}
                        >
                            {ago(last.made_at, now)}
                        </text>
                    )}
                </svg>
            )}
        </Box>
    )
}

import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { survivalQuery } from '../api/queries'
import type { LifeGroups, SurvivalSheet } from '../api/types'
import { Figures } from '../frame/Figures'
import { Section } from '../frame/Section'
import { useWidth } from '../frame/useWidth'
import { ChoiceField, optionsOf } from '../entry/fields'
import { messages } from '../messages'
import { lossWords } from '../messages/losses'
import { ink } from '../theme/tokens'
import { percent } from '../units/share'

const words = lossWords.survival

/** What share of those that came lives on, as steps over the time since they came; with a table as twin, and by group. */
export function SurvivalPicture() {
    const [by, setBy] = useState<LifeGroups | undefined>()
    const sheet = useQuery(survivalQuery(by)).data
    const [asTable, showTable] = useState(false)
    if (sheet === undefined || sheet.sentence === null) {
        return null
    }
    return (
        <Section title={words.title}>
            <p>{sheet.sentence}</p>
            {sheet.steps.length > 0 && (
                <>
                    {asTable ? <Steps sheet={sheet} /> : <Picture sheet={sheet} />}
                    <Button variant="plain" onClick={() => showTable(!asTable)}>
                        {asTable ? messages.fish.picture : messages.fish.table}
                    </Button>
                </>
            )}
            <Box maxWidth="260px" paddingTop="8px">
                <ChoiceField
                    label={words.by}
                    value={by ?? ''}
                    onChange={(value) => setBy(value === '' ? undefined : (value as LifeGroups))}
                    options={[{ value: '', text: words.all }, ...optionsOf(words.groups)]}
                />
            </Box>
            {by !== undefined && <Groups groups={sheet.groups} by={by} />}
            {sheet.causes.length > 0 && <Causes causes={sheet.causes} />}
        </Section>
    )
}

function Groups({ groups, by }: { groups: SurvivalSheet['groups']; by: LifeGroups }) {
    const nameOf = (name: string | null): string =>
        name === null
            ? words.unknown
            : by === 'quarantine'
              ? words[name === 'none' ? 'none' : 'quarantine']
              : name
    return (
        <Figures
            columns={[words.group, words.came, words.deaths, words.said]}
            rows={groups.map((group) => [
                nameOf(group.name),
                group.came,
                group.deaths,
                group.sentence ?? words.tooFew,
            ])}
        />
    )
}

function Causes({ causes }: { causes: SurvivalSheet['causes'] }) {
    return (
        <>
            <chakra.h3 fontSize="text" fontWeight={700} paddingTop="14px">
                {words.causes}
            </chakra.h3>
            <Figures
                columns={[words.cause, words.lately, words.before]}
                rows={causes.map(({ kind, lately, before }) => [
                    messages.labels.losses[kind],
                    lately,
                    before,
                ])}
            />
        </>
    )
}

const HEIGHT = 200
const LEFT = 52

/** What the words of a month take up. */
const LABEL = 62
const BELOW = 30
const TOP = 8
const MONTH_DAYS = 30.44

function Picture({ sheet }: { sheet: SurvivalSheet }) {
    const [box, width] = useWidth<HTMLDivElement>()
    const x = (days: number): number => LEFT + ((width - LEFT - 8) * days) / Math.max(1, sheet.days)
    const y = (share: number): number => TOP + (HEIGHT - TOP - BELOW) * (1 - share)
    const line = (of: (step: SurvivalSheet['steps'][number]) => number): string =>
        `M${x(0)} ${y(1)}${sheet.steps.map((step) => `H${x(step.days)}V${y(of(step))}`).join('')}H${x(sheet.days)}`
    const back = sheet.steps
        .map((step, i) => ({ ...step, until: sheet.steps[i + 1]?.days ?? sheet.days }))
        .reverse()
        .map((step) => `L${x(step.until)} ${y(step.low)}H${x(step.days)}`)
        .join('')
    const every = [3, 6, 12].find((months) => x(months * MONTH_DAYS) - x(0) >= LABEL) ?? 24
    const months = Array.from(
        { length: Math.floor(sheet.days / MONTH_DAYS / every) + 1 },
        (_, i) => i * every,
    )
    return (
        <Box ref={box} minHeight={`${HEIGHT}px`} paddingTop="8px">
            {width > 0 && (
                <svg width={width} height={HEIGHT} role="img" aria-label={sheet.sentence ?? ''}>
                    <path
                        d={`${line((step) => step.high)}${back}L${x(sheet.steps[0]?.days ?? 0)} ${y(1)}Z`}
                        fill={ink('accent')}
                        opacity={0.14}
                    />
                    <path
                        d={line((step) => step.share)}
                        fill="none"
                        stroke={ink('accent')}
                        strokeWidth={2.6}
                    />
                    <path
                        d={`M${LEFT} ${TOP}V${y(0)}H${width - 8}`}
                        fill="none"
                        stroke={ink('ink')}
                        strokeWidth={1.4}
                    />
                    {[0, 0.5, 1].map((share) => (
                        <text
                            key={share}
                            x={LEFT - 6}
                            y={y(share) + 5}
                            textAnchor="end"
                            fontSize={14}
                            fill={ink('ink2')}
                        >
                            {percent(share)}
                        </text>
                    ))}
                    {months.map((month) => (
                        <text
                            key={month}
                            x={x(month * MONTH_DAYS)}
                            y={HEIGHT - 8}
                            textAnchor="middle"
                            fontSize={14}
                            fill={ink('ink2')}
                        >
                            {words.months({ n: month })}
                        </text>
                    ))}
                </svg>
            )}
        </Box>
    )
}

function Steps({ sheet }: { sheet: SurvivalSheet }) {
    return (
        <Figures
            columns={[words.day, words.atRisk, words.deaths, words.share]}
            rows={sheet.steps.map((step) => [
                step.days,
                step.at_risk,
                step.deaths,
                words.between({
                    share: percent(step.share),
                    low: percent(Math.min(step.low, step.high)),
                    high: percent(Math.max(step.low, step.high)),
                }),
            ])}
        />
    )
}

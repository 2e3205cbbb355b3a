import { Box, chakra } from '@chakra-ui/react'
import type { LaneRow, PlanPage } from '../api/types'
import { Figures } from '../frame/Figures'
import { Fold } from '../frame/Fold'
import { planWords } from '../messages/plan'
import { addDays, daysBetween, longDay } from '../units/day'
import { projected, unitOf } from '../units/length'
import { percent } from '../units/share'
import type { Units } from '../api/types'
import { bandsIn, nameOf, shareOn } from './layout'

const words = planWords.reading

interface Props {
    page: PlanPage
    units: Units
    day: number
    /** Of the lane that is pointed at; null: none. */
    lane: string | null
    onDay: (day: number) => void
}

/** Everybody on one day: the twin of the picture, for any hand and any eye. */
export function Reading({ page, units, day, lane, onDay }: Props) {
    const days = daysBetween(page.date, page.horizon)
    const date = addDays(page.date, day)
    const pointed = page.lanes.find(({ key }) => key === lane)
    return (
        <Fold title={`${words.title}: ${longDay(date, page.date)}`}>
            <chakra.label display="flex" gap="12px" alignItems="center" paddingTop="8px" className="no-print">
                <chakra.span srOnly>{words.day}</chakra.span>
                <chakra.input
                    type="range"
                    min={0}
                    max={days}
                    value={day}
                    aria-valuetext={longDay(date, page.date)}
                    onChange={(event) => onDay(Number(event.target.value))}
                    width="100%"
                    height="44px"
                    accentColor="accent"
                />
            </chakra.label>
            <Box minHeight="26px">
                {pointed !== undefined && (
                    <p>{`${pointed.name}: ${residents(page, pointed, day, units).join('; ') || words.empty}.`}</p>
                )}
            </Box>
            <Box maxHeight="420px" overflowY="auto" tabIndex={0} aria-label={words.title}>
                <Figures
                    columns={[words.home, words.who, words.floor, words.water, words.filter]}
                    rows={page.lanes.map((row) => {
                        const [, floor, water, filter] = fillOn(row, day)
                        return [
                            row.name,
                            residents(page, row, day, units).join('; ') || words.empty,
                            percent(floor ?? 0),
                            percent(water ?? 0),
                            filter === null || filter === undefined ? words.unknown : percent(filter),
                        ]
                    })}
                />
            </Box>
        </Fold>
    )
}

const residents = (page: PlanPage, row: LaneRow, day: number, units: Units): string[] =>
    bandsIn(page, row.key)
        .filter(
            ({ points, until }) =>
                (points[0]?.[0] ?? 0) <= day && (until === null || (points.at(-1)?.[0] ?? 0) > day),
        )
        .map((band) =>
            words.fish({
                name: nameOf(band),
                length: projected(shareOn(band, day, 4), unitOf(units)),
                share: percent(shareOn(band, day, 2)),
            }),
        )

const fillOn = ({ fills }: LaneRow, day: number): readonly (number | null)[] =>
    fills.filter(([at]) => (at ?? 0) <= day).at(-1) ?? fills[0] ?? []

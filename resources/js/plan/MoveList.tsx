import { Box, chakra } from '@chakra-ui/react'
import { Link } from '@tanstack/react-router'
import type { PlanMove, PlanPage } from '../api/types'
import { MarkIcon } from '../drawing/SurveyMark'
import { Section } from '../frame/Section'
import { planWords } from '../messages/plan'
import { longDay } from '../units/day'
import { projected, unitOf } from '../units/length'
import type { UnitSystem } from '../api/types'

const words = planWords.moves

/** The moves by day, each with when, why and what comes first. */
export function MoveList({ page, units }: { page: PlanPage; units: UnitSystem }) {
    return (
        <Section title={words.title}>
            {page.moves.length === 0 && <chakra.p paddingTop="8px">{words.none}</chakra.p>}
            <chakra.ol listStyleType="none" padding="0">
                {page.moves.map((move) => (
                    <Move key={`${move.fish_id} ${move.on}`} move={move} page={page} units={units} />
                ))}
            </chakra.ol>
        </Section>
    )
}

function Move({ move, page, units }: { move: PlanMove; page: PlanPage; units: UnitSystem }) {
    const band = page.bands.find(({ fish_id }) => fish_id === move.fish_id)?.band ?? 0
    return (
        <chakra.li borderBottom="1px solid" borderColor="rule" padding="10px 0">
            <Box display="flex" gap="8px" alignItems="baseline" flexWrap="wrap">
                <MarkIcon band={band} />
                <Link to="/fish/$id" params={{ id: move.fish_id }}>
                    <b>{move.name}</b>
                </Link>
                <span>{words.fromTo({ from: move.from, to: move.to })}</span>
            </Box>
            <chakra.p fontWeight={700}>
                {move.on === page.date
                    ? words.now
                    : words.on({
                          day: longDay(move.on, page.date),
                          length: projected(move.length_mm, unitOf(units)),
                      })}
            </chakra.p>
            <p>{move.reasons.join(' ')}</p>
            {move.early !== null && (
                <chakra.p color="ink2">
                    {move.late === null || move.late === move.early
                        ? words.windowOpen({ from: move.from, early: longDay(move.early, page.date) })
                        : words.window({
                              from: move.from,
                              early: longDay(move.early, page.date),
                              late: longDay(move.late, page.date),
                          })}
                </chakra.p>
            )}
            {move.frees.length > 0 && (
                <chakra.p color="ink2">
                    {words.frees({ from: move.from, frees: move.frees.join(', ') })}
                </chakra.p>
            )}
            {move.waits_in_tub && <p>{words.tub}</p>}
            {move.prepare.length > 0 && (
                <chakra.details>
                    <chakra.summary cursor="pointer" minHeight="44px" display="list-item" paddingTop="10px">
                        {words.first({
                            what: move.prepare[0]?.what ?? '',
                            day: longDay(move.prepare[0]?.by ?? page.date, page.date),
                        })}
                    </chakra.summary>
                    <chakra.ol paddingLeft="20px">
                        {move.prepare.map(({ what, by }) => (
                            <li key={`${what} ${by}`}>{words.step({ what, day: longDay(by, page.date) })}</li>
                        ))}
                    </chakra.ol>
                </chakra.details>
            )}
        </chakra.li>
    )
}

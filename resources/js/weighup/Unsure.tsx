import { Box, chakra } from '@chakra-ui/react'
import type { UnsureRow } from '../api/types'
import { useKeeper, useUnit } from '../frame/keeper'
import { Section } from '../frame/Section'
import { lengthRange } from '../fish/sentences'
import { weighUpWords } from '../messages/weighUp'
import { longDay } from '../units/day'
import { measured } from '../units/length'
import { percent } from '../units/share'
import { ADVICE_COLOUR } from './adviceColour'

/** A candidate that may be of several species: what would come of each, and what will tell them apart. */
export function Unsure({ unsure }: { unsure: UnsureRow }) {
    const unit = useUnit()
    const { today } = useKeeper()
    return (
        <Section title={weighUpWords.mayBe}>
            <ul>
                {unsure.lives.map((life, n) => (
                    <chakra.li
                        key={life.species}
                        paddingBlock="6px"
                        borderBottom="1px solid"
                        borderColor="rule"
                    >
                        <b>
                            {weighUpWords.possible({
                                species: life.species,
                                share: percent(life.share),
                                adult: lengthRange(life.adult_mm, unit),
                            })}
                        </b>{' '}
                        {n === 0 ? (
                            weighUpWords.worstCase
                        ) : (
                            <chakra.span color={ADVICE_COLOUR[life.advice]}>{life.sentence}</chakra.span>
                        )}
                    </chakra.li>
                ))}
            </ul>
            <Box paddingTop="6px">
                <p>{weighUpWords.whichever({ adult: lengthRange(unsure.adult_mm, unit) })}</p>
                {unsure.marks.length === 0 && <chakra.p color="ink2">{weighUpWords.noMark}</chakra.p>}
                {unsure.marks.map((mark) => (
                    <p key={`${mark.species}-${mark.other}`}>
                        {weighUpWords.mark({
                            species: mark.species,
                            other: mark.other,
                            marks: mark.marks,
                        })}{' '}
                        {mark.shows_on === today
                            ? weighUpWords.markNow
                            : weighUpWords.markFrom({
                                  length: measured(mark.shows_at_mm, unit),
                                  when:
                                      mark.shows_on === null
                                          ? weighUpWords.markLate
                                          : longDay(mark.shows_on, today),
                              })}
                    </p>
                ))}
            </Box>
        </Section>
    )
}

import { Box, chakra } from '@chakra-ui/react'
import type { CompanySheet, CompanyFish, PairRow } from '../api/types'
import { useUnit } from '../frame/keeper'
import { companyWords as words } from '../messages/company'
import { measured } from '../units/length'
import { OwnWord } from './OwnWord'
import { dangerSentence } from './sentences'
import { MouthPicture } from './MouthPicture'

/** Why two may share a home or not: said first, then drawn to one scale. */
export function PairBox({ pair, sheet }: { pair: PairRow; sheet: CompanySheet }) {
    const unit = useUnit()
    const byId = new Map<number, CompanyFish>(sheet.fish.map((fish) => [fish.id, fish]))
    const [one, other] = [byId.get(pair.one), byId.get(pair.other)]
    if (one === undefined || other === undefined) {
        return null
    }
    return (
        <Box display="flex" flexDirection="column" gap="10px">
            {pair.swallowings.map((danger) => (
                <chakra.h2 key={danger.predator} fontSize="part" fontWeight={800}>
                    {dangerSentence(danger, byId)}
                </chakra.h2>
            ))}
            {pair.reasons.map((reason) => (
                <p key={reason}>{reason}</p>
            ))}
            {one.id > 0 && other.id > 0 && <OwnWord pair={pair} names={[one.name, other.name]} />}
            {pair.swallowings.length + pair.reasons.length === 0 && (
                <p>{words.nothing({ one: one.name, other: other.name })}</p>
            )}
            {pair.swallowings.map((danger) => {
                const [predator, prey] = danger.predator === one.id ? [one, other] : [other, one]
                return (
                    <Box key={danger.predator}>
                        <MouthPicture predator={predator} prey={prey} safeFrom={danger.safe_from_mm} />
                        <p>
                            {words.safeFrom({
                                prey: prey.name,
                                predator: predator.name,
                                length: measured(danger.safe_from_mm, unit),
                            })}
                        </p>
                    </Box>
                )
            })}
        </Box>
    )
}

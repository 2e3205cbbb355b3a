import { longDay } from '../units/day'
import { weighUpWords } from '../messages/weighUp'
import { joined } from '../messages/joined'
import { stayWords } from './sentences'
import { chakra } from '@chakra-ui/react'
import type { Chain } from '../api/types'
import { useKeeper } from '../frame/keeper'

/** The homes one after the other, each until when and why not longer. */
export function ChainList({ chain, count }: { chain: Chain; count: number }) {
    const { today } = useKeeper()
    return (
        <chakra.ol>
            {chain.nowhere !== null && (
                <chakra.li paddingBlock="6px" color="over" fontWeight={600}>
                    {chain.nowhere}
                </chakra.li>
            )}
            {chain.stays.map((stay) => (
                <chakra.li
                    key={`${stay.system_id} ${stay.from}`}
                    borderBottom="1px solid"
                    borderColor="rule"
                    paddingBlock="6px"
                >
                    <b>{stay.name}</b> {stayWords(stay, chain.horizon, today)}
                    {stay.because !== null && (
                        <chakra.span display="block" color="ink2">
                            {stay.because}
                        </chakra.span>
                    )}
                    {stay.company.length > 0 && (
                        <chakra.span display="block" color="close" fontWeight={600}>
                            {weighUpWords.onlyWith({ count, company: joined(stay.company) })}
                        </chakra.span>
                    )}
                    {stay.mend.map((one) => (
                        <chakra.span key={one} display="block" color="close" fontWeight={600}>
                            {one}
                        </chakra.span>
                    ))}
                </chakra.li>
            ))}
            {chain.build !== null && (
                <chakra.li paddingBlock="6px">
                    <b>{weighUpWords.toBuild}:</b> {chain.build.what}
                    <chakra.span display="block" color="close" fontWeight={600}>
                        {weighUpWords.readyBy({
                            day: longDay(chain.build.by, today),
                            begin: longDay(chain.build.begin, today),
                        })}
                    </chakra.span>
                </chakra.li>
            )}
        </chakra.ol>
    )
}

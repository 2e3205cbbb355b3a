import { chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { toBuildQuery } from '../api/queries'
import { Figures } from '../frame/Figures'
import { useKeeper } from '../frame/keeper'
import { Fold } from '../frame/Fold'
import { planWords } from '../messages/plan'
import { longDay } from '../units/day'
import { money } from '../units/money'
import { volume } from '../units/volume'

const words = planWords.allToBuild

/** Every home that the fish here will need some day and that is not there. */
export function AllToBuild() {
    const { today, currency, units } = useKeeper()
    const homes = useQuery(toBuildQuery).data
    if (homes === undefined) {
        return null
    }
    const sum = homes.reduce((whole, { price }) => whole + price, 0)
    const says =
        homes.length === 0
            ? words.none
            : (homes.length === 1 ? words.one : words.sum)({ count: homes.length, sum: money(sum, currency) })
    return (
        <Fold title={words.title} says={says}>
            <chakra.p paddingTop="8px">{says}</chakra.p>
            {homes.length > 0 && (
                <Figures
                    columns={[words.what, words.litres, words.for, words.begin, words.by, words.price]}
                    rows={homes.map((home) => [
                        home.home,
                        volume(home.litres, units),
                        home.for.join(', '),
                        longDay(home.begin, today),
                        longDay(home.by, today),
                        money(home.price, currency),
                    ])}
                />
            )}
        </Fold>
    )
}

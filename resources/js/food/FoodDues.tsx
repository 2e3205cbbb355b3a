import { chakra } from '@chakra-ui/react'
import { Link } from '@tanstack/react-router'
import type { Today } from '../api/types'
import { Fold } from '../frame/Fold'
import { foodWords } from '../messages/food'

/** What the store and the cultures ask for. */
export function FoodDues({ dues }: { dues: Today['food'] }) {
    return dues.length === 0 ? null : (
        <Fold title={foodWords.title} says={dues[0]?.says} aside={<Link to="/food">{foodWords.store}</Link>}>
            <chakra.ul>
                {dues.map((due) => (
                    <chakra.li
                        key={due.says}
                        borderBottom="1px solid"
                        borderColor="rule"
                        paddingBlock="8px"
                        color={due.is_late ? 'over' : 'ink'}
                        fontWeight={due.is_late ? 700 : 400}
                    >
                        {due.says}
                    </chakra.li>
                ))}
            </chakra.ul>
        </Fold>
    )
}

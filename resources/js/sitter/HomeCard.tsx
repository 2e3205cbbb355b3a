import { Box, chakra } from '@chakra-ui/react'
import type { SitterHome } from '../api/types'
import { sitterWords as words } from '../messages/sitter'
import { FishOfHome } from './FishOfHome'
import { PictureButton } from './PictureButton'
import { TaskBox } from './TaskBox'

interface Props {
    home: SitterHome
    /** The longest fish of all, millimetres: one scale for the whole page. */
    longest: number
    /** With a box each on paper. */
    days: readonly string[]
}

/** One home on the round: who lives there, what to feed, what to look at; each is ticked by a thumb. */
export function HomeCard({ home, longest, days }: Props) {
    return (
        <Box
            as="section"
            aria-label={home.name}
            marginTop={{ base: '24px', _print: '10px' }}
            borderTop="1.6px solid"
            borderColor="ink"
            paddingTop="8px"
            css={{ breakInside: 'avoid' }}
        >
            <chakra.h2 fontWeight={800} fontSize="part">
                {home.name}
            </chakra.h2>
            <FishOfHome home={home} longest={longest} />
            <TaskBox
                home={home}
                task="feed"
                title={words.feed}
                sentences={[home.feed]}
                tick={home.fed}
                days={days}
                outcomes={home.is_fed ? ['fed', 'left-some', 'not-fed'] : []}
            />
            <TaskBox
                home={home}
                task="look"
                title={words.look}
                sentences={home.look}
                tick={home.looked}
                days={days}
                outcomes={['fine', 'not-fine']}
            />
            <PictureButton home={home} />
        </Box>
    )
}

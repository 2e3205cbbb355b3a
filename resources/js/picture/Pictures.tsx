import { Box, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { Link } from '@tanstack/react-router'
import { Fold } from '../frame/Fold'
import { pictureWords as words } from '../messages/picture'
import { AddPictures } from './AddPictures'
import { picturesQuery } from './queries'
import { Thumbs } from './Thumbs'

const SHOWN = 8

interface Props {
    of: { fish: number } | { system: number }
    name: string
}

/** The newest pictures of a fish or system, and a way to add more. */
export function Pictures({ of, name }: Props) {
    const pictures = useQuery(picturesQuery(of)).data
    return (
        <Fold
            title={words.title}
            aside={
                'fish' in of &&
                pictures !== undefined &&
                pictures.length > 0 && (
                    <Link to="/fish/$id/diary" params={{ id: of.fish }}>
                        {words.diary}
                    </Link>
                )
            }
        >
            <Box display="flex" flexDirection="column" gap="12px" paddingTop="10px">
                {pictures?.length === 0 && <chakra.p>{words.none}</chakra.p>}
                {pictures !== undefined && <Thumbs pictures={pictures.slice(0, SHOWN)} name={name} />}
                <AddPictures of={of} />
            </Box>
        </Fold>
    )
}

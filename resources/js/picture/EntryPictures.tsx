import { Box } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import type { LogLine } from '../api/types'
import { AddPictures } from './AddPictures'
import { pictureQuery, picturesQuery } from './queries'
import { Thumbs } from './Thumbs'

interface Props {
    id: number
    kind: LogLine['kind']
    name: string
}

/** The pictures that go with an entry of the log, and a way to add some; of a picture, that one. */
export function EntryPictures({ line }: { line: LogLine }) {
    const of = { id: line.row_id, kind: line.kind, name: line.fish[0]?.name ?? line.systems[0]?.name ?? '' }
    return line.kind === 'picture' ? <Itself {...of} /> : <WithEntry {...of} />
}

function WithEntry({ id, kind, name }: Props) {
    const of = { entry_kind: kind, entry_id: id }
    const pictures = useQuery(picturesQuery(of)).data ?? []
    return (
        <Box display="flex" flexDirection="column" gap="10px">
            <Thumbs pictures={pictures} name={name} />
            <AddPictures of={of} />
        </Box>
    )
}

function Itself({ id, name }: Props) {
    const picture = useQuery(pictureQuery(id)).data
    return picture === undefined ? null : <Thumbs pictures={[picture]} name={name} />
}

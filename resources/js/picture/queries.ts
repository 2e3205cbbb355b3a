import { queryOptions } from '@tanstack/react-query'
import { read } from '../api/client'

/** Whose pictures: of a fish, of a system, or with an entry of the log. */
export type PicturesOf = { fish: number } | { system: number } | { entry_kind: string; entry_id: number }

export const picturesQuery = (of: PicturesOf) =>
    queryOptions({
        queryKey: ['pictures', of],
        queryFn: () => read('/api/v1/pictures', {}, of),
    })

export const pictureQuery = (picture: number) =>
    queryOptions({
        queryKey: ['pictures', picture],
        queryFn: () => read('/api/v1/pictures/{picture}', { picture }),
    })

export const cameraQuery = (system: number) =>
    queryOptions({
        queryKey: ['pictures', 'camera', system],
        queryFn: () => read('/api/v1/systems/{system}/camera', { system }),
    })

export const pictureRoomQuery = queryOptions({
    queryKey: ['pictures', 'room'],
    queryFn: () => read('/api/v1/picture-room', {}),
})

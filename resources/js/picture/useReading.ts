import { keepPreviousData, skipToken, useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { write } from '../api/client'
import { Refused } from '../api/refused'
import type { MarksRequest, PictureLengths } from '../api/types'

/** After this many milliseconds of rest what is marked is read. */
const PAUSE = 200

/**
 * What is read from the marks as they stand; asked anew when they rest.
 *
 * @param asked null while something is still missing
 */
export function useReading(
    picture: number,
    asked: MarksRequest | null,
): { answer: PictureLengths | undefined; refused: Refused | undefined } {
    const now = JSON.stringify(asked)
    const [rested, setRested] = useState(now)
    useEffect(() => {
        const waiting = setTimeout(() => setRested(now), PAUSE)
        return () => clearTimeout(waiting)
    }, [now])
    const query = useQuery({
        queryKey: ['pictures', picture, 'reading', rested],
        queryFn:
            rested === 'null'
                ? skipToken
                : () =>
                      write(
                          'POST',
                          '/api/v1/pictures/{picture}/length',
                          { picture },
                          JSON.parse(rested) as MarksRequest,
                      ),
        placeholderData: keepPreviousData,
        retry: false,
        staleTime: Infinity,
    })
    const refused = query.error instanceof Refused ? query.error : undefined
    return { answer: asked === null || refused !== undefined ? undefined : query.data, refused }
}

import { queryOptions } from '@tanstack/react-query'
import { get } from './client'
import type {
    BeforeAfterSheet,
    CalendarAddress,
    FishRow,
    FishSheet,
    SpeciesRow,
    SpeciesSheet,
    SuitableSpeciesRow,
    Moves,
    MoveSheetPage,
    OtherFuture,
    Quantity,
    RefillSheet,
    RulebookSheet,
    Session,
    SystemPage,
    SystemSheet,
    Today,
    TreatmentProduct,
    TubSheet,
    WaterChart,
    Weighed,
} from './types'

export const sessionQuery = queryOptions({
    queryKey: ['session'],
    queryFn: () => get<Session>('session'),
    staleTime: Infinity,
})

export const todayQuery = queryOptions({ queryKey: ['log', 'today'], queryFn: () => get<Today>('today') })

export const systemsQuery = queryOptions({
    queryKey: ['log', 'systems'],
    queryFn: () => get<SystemSheet[]>('systems'),
})

export const systemQuery = (id: number) =>
    queryOptions({ queryKey: ['log', 'systems', id], queryFn: () => get<SystemPage>(`systems/${id}`) })

export const readingsQuery = (id: number, quantity: Quantity, days: number) =>
    queryOptions({
        queryKey: ['log', 'readings', id, quantity, days],
        queryFn: () => get<WaterChart>(`systems/${id}/readings?quantity=${quantity}&days=${days}`),
    })

/** @param asked the change as an address query; empty while nothing is asked */
export const beforeAfterQuery = (id: number, asked: string) =>
    queryOptions({
        queryKey: ['log', 'before-after', id, asked],
        queryFn: () => get<BeforeAfterSheet>(`systems/${id}/before-after?${asked}`),
        enabled: asked !== '',
        retry: false,
    })

export const refillQuery = (id: number, asked: string) =>
    queryOptions({
        queryKey: ['log', 'refill', id, asked],
        queryFn: () => get<RefillSheet>(`systems/${id}/refill?${asked}`),
        enabled: asked !== '',
        retry: false,
    })

export const tubQuery = (fish: number, asked: string) =>
    queryOptions({
        queryKey: ['log', 'tub', fish, asked],
        queryFn: () => get<TubSheet>(`fish/${fish}/tub?${asked}`),
        enabled: asked !== '',
        retry: false,
    })

export const movesQuery = queryOptions({ queryKey: ['log', 'moves'], queryFn: () => get<Moves>('moves') })

/** They change with the application only. */
export const treatmentProductsQuery = queryOptions({
    queryKey: ['treatment-products'],
    queryFn: () => get<TreatmentProduct[]>('treatment-products'),
    staleTime: Infinity,
})

export const moveSheetQuery = (id: number) =>
    queryOptions({
        queryKey: ['log', 'move-sheets', id],
        queryFn: () => get<MoveSheetPage>(`move-sheets/${id}`),
    })

export const calendarQuery = queryOptions({
    queryKey: ['log', 'calendar'],
    queryFn: () => get<CalendarAddress>('calendar'),
})

export const fishListQuery = queryOptions({
    queryKey: ['log', 'fish'],
    queryFn: () => get<FishRow[]>('fish'),
})

export const fishQuery = (id: number) =>
    queryOptions({ queryKey: ['log', 'fish', id], queryFn: () => get<FishSheet>(`fish/${id}`) })

export const speciesListQuery = queryOptions({
    queryKey: ['log', 'kinds'],
    queryFn: () => get<SpeciesRow[]>('kinds'),
    staleTime: 300_000,
})

export const speciesQuery = (id: number) =>
    queryOptions({ queryKey: ['log', 'kinds', id], queryFn: () => get<SpeciesSheet>(`kinds/${id}`) })

/** @param asked the candidate as an address query; empty while there is none */
export const weighUpQuery = (asked: string) =>
    queryOptions({
        queryKey: ['log', 'weigh-up', asked],
        queryFn: () => get<Weighed>(`weigh-up?${asked}`),
        enabled: asked !== '',
        retry: false,
    })

export const suitableSpeciesQuery = (system: number) =>
    queryOptions({
        queryKey: ['log', 'suitable-species', system],
        queryFn: () => get<SuitableSpeciesRow[]>(`systems/${system}/suitable-species`),
    })

export const rulebookQuery = queryOptions({
    queryKey: ['log', 'rulebook'],
    queryFn: () => get<RulebookSheet>('rulebook'),
})

/** @param asked the changes as an address query; empty for none */
export const whatIfQuery = (id: number, asked: string) =>
    queryOptions({
        queryKey: ['log', 'what-if', id, asked],
        queryFn: () => get<OtherFuture>(`fish/${id}/what-if?${asked}`),
        enabled: asked !== '',
        retry: false,
    })

/** Everything that an entry in the log can change. */
export const logKey = ['log'] as const

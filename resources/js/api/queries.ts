import { keepPreviousData, queryOptions, skipToken } from '@tanstack/react-query'
import type { Query } from './client'
import { read, write } from './client'
import type { LifeGroups, MixRequest, Quantity, Trial } from './types'

/** What is read of the API; the first part of each key is its resource (see keys.ts). */

export const sessionQuery = queryOptions({
    queryKey: ['session'],
    queryFn: () => read('/api/v1/session', {}),
    staleTime: Infinity,
})

export const todayQuery = queryOptions({
    queryKey: ['today'],
    queryFn: () => read('/api/v1/today', {}),
})

export const systemsQuery = queryOptions({
    queryKey: ['systems'],
    queryFn: () => read('/api/v1/systems', {}),
})

export const pondClimatesQuery = queryOptions({
    queryKey: ['pond-climates'],
    queryFn: () => read('/api/v1/pond-climates', {}),
    staleTime: Infinity,
})

export const usualTanksQuery = queryOptions({
    queryKey: ['usual-tanks'],
    queryFn: () => read('/api/v1/usual-tanks', {}),
    staleTime: Infinity,
})

export const systemQuery = (system: number) =>
    queryOptions({
        queryKey: ['systems', system],
        queryFn: () => read('/api/v1/systems/{system}', { system }),
    })

export const readingsQuery = (system: number, quantity: Quantity, days: number) =>
    queryOptions({
        queryKey: ['systems', system, 'readings', quantity, days],
        queryFn: () => read('/api/v1/systems/{system}/readings', { system }, { quantity, days }),
    })

export type BeforeAfterAsked = Query<'/api/v1/systems/{system}/before-after'>

/** @param asked the change; null while nothing is asked */
export const beforeAfterQuery = (system: number, asked: BeforeAfterAsked | null) =>
    queryOptions({
        queryKey: ['systems', system, 'before-after', asked],
        queryFn:
            asked === null
                ? skipToken
                : () => read('/api/v1/systems/{system}/before-after', { system }, asked),
        retry: false,
        placeholderData: keepPreviousData,
    })

export type BagAsked = Query<'/api/v1/systems/{system}/bag'>

export const bagQuery = (system: number, asked: BagAsked | null) =>
    queryOptions({
        queryKey: ['systems', system, 'bag', asked],
        queryFn: asked === null ? skipToken : () => read('/api/v1/systems/{system}/bag', { system }, asked),
        retry: false,
        placeholderData: keepPreviousData,
    })

export type RefillAsked = Query<'/api/v1/systems/{system}/refill'>

export const refillQuery = (system: number, asked: RefillAsked | null) =>
    queryOptions({
        queryKey: ['systems', system, 'refill', asked],
        queryFn:
            asked === null ? skipToken : () => read('/api/v1/systems/{system}/refill', { system }, asked),
        retry: false,
        placeholderData: keepPreviousData,
    })

export type TubAsked = Query<'/api/v1/fish/{fish}/tub'>

export const tubQuery = (fish: number, asked: TubAsked | null) =>
    queryOptions({
        queryKey: ['fish', fish, 'tub', asked],
        queryFn: asked === null ? skipToken : () => read('/api/v1/fish/{fish}/tub', { fish }, asked),
        retry: false,
        placeholderData: keepPreviousData,
    })

export const movesQuery = queryOptions({
    queryKey: ['moves'],
    queryFn: () => read('/api/v1/moves', {}),
})

/** They change with the application only. */
export const treatmentProductsQuery = queryOptions({
    queryKey: ['treatment-products'],
    queryFn: () => read('/api/v1/treatment-products', {}),
    staleTime: Infinity,
})

export const moveSheetQuery = (sheet: number) =>
    queryOptions({
        queryKey: ['moves', 'sheets', sheet],
        queryFn: () => read('/api/v1/move-sheets/{sheet}', { sheet }),
    })

export const calendarQuery = queryOptions({
    queryKey: ['calendar'],
    queryFn: () => read('/api/v1/calendar', {}),
})

export const formerFishQuery = queryOptions({
    queryKey: ['fish', 'former'],
    queryFn: () => read('/api/v1/former-fish', {}),
})
export const fishListQuery = queryOptions({
    queryKey: ['fish'],
    queryFn: () => read('/api/v1/fish', {}),
})

export const fishQuery = (fish: number) =>
    queryOptions({
        queryKey: ['fish', fish],
        queryFn: () => read('/api/v1/fish/{fish}', { fish }),
    })

export type ReviewAsked = Query<'/api/v1/fish/{fish}/length-review'>

/** @param asked the length as it is typed; null while none is */
export const reviewQuery = (fish: number, asked: ReviewAsked | null) =>
    queryOptions({
        queryKey: ['fish', fish, 'review', asked],
        queryFn:
            asked === null ? skipToken : () => read('/api/v1/fish/{fish}/length-review', { fish }, asked),
        retry: false,
        placeholderData: keepPreviousData,
    })

export const speciesListQuery = queryOptions({
    queryKey: ['species'],
    queryFn: () => read('/api/v1/species', {}),
    staleTime: 300_000,
})

export const speciesQuery = (species: number) =>
    queryOptions({
        queryKey: ['species', species],
        queryFn: () => read('/api/v1/species/{species}', { species }),
    })

export type WeighUpAsked = Query<'/api/v1/weigh-up'>

/** @param asked the candidate; null while there is none */
export const weighUpQuery = (asked: WeighUpAsked | null) =>
    queryOptions({
        queryKey: ['weigh-up', asked],
        queryFn: asked === null ? skipToken : () => read('/api/v1/weigh-up', {}, asked),
        retry: false,
        placeholderData: keepPreviousData,
    })

export const suitableSpeciesQuery = (system: number) =>
    queryOptions({
        queryKey: ['systems', system, 'suitable-species'],
        queryFn: () => read('/api/v1/systems/{system}/suitable-species', { system }),
    })

export const rulebookQuery = queryOptions({
    queryKey: ['rulebook'],
    queryFn: () => read('/api/v1/rulebook', {}),
})

export type WhatIfAsked = Query<'/api/v1/fish/{fish}/what-if'>

/** @param asked the changes; null for none */
export const whatIfQuery = (fish: number, asked: WhatIfAsked | null) =>
    queryOptions({
        queryKey: ['fish', fish, 'what-if', asked],
        queryFn: asked === null ? skipToken : () => read('/api/v1/fish/{fish}/what-if', { fish }, asked),
        retry: false,
        placeholderData: keepPreviousData,
    })

export const placeQuery = queryOptions({
    queryKey: ['facility'],
    queryFn: () => read('/api/v1/facility', {}),
})

export const formerSystemsQuery = queryOptions({
    queryKey: ['systems', 'former'],
    queryFn: () => read('/api/v1/former-systems', {}),
})

export const aggressionQuery = (system: number) =>
    queryOptions({
        queryKey: ['systems', system, 'aggression'],
        queryFn: () => read('/api/v1/systems/{system}/aggression', { system }),
    })

/** @param time HH:MM; '': not known */
export const goingsOnQuery = (system: number | undefined, date: string, time: string) =>
    queryOptions({
        queryKey: ['systems', system, 'goings-on', date, time],
        queryFn:
            system === undefined
                ? skipToken
                : () =>
                      read(
                          '/api/v1/systems/{system}/goings-on',
                          { system },
                          time === '' ? { date } : { date, time },
                      ),
        retry: false,
        placeholderData: keepPreviousData,
    })

export const broodsQuery = (system: number) =>
    queryOptions({
        queryKey: ['systems', system, 'broods'],
        queryFn: () => read('/api/v1/systems/{system}/broods', { system }),
    })

export const fryQuery = (brood: number, count: number, system: number) =>
    queryOptions({
        queryKey: ['systems', system, 'fry', brood, count],
        queryFn:
            Number.isInteger(count) && count > 0
                ? () => read('/api/v1/broods/{brood}/forecast', { brood }, { count, system_id: system })
                : skipToken,
        retry: false,
        placeholderData: keepPreviousData,
    })

/** @param mix null: nobody is named yet */
export const mixQuery = (mix: MixRequest | null) =>
    queryOptions({
        queryKey: ['fish', 'mix', mix],
        queryFn: mix === null ? skipToken : () => write('POST', '/api/v1/company/mix', {}, mix),
        retry: false,
        placeholderData: keepPreviousData,
    })

/** @param system those who live there; undefined: all */
export const companyQuery = (system: number | undefined) =>
    queryOptions({
        queryKey: ['fish', 'company', system],
        queryFn: () => read('/api/v1/company', {}, system === undefined ? {} : { system_id: system }),
    })

/** @param by also of each group by itself; undefined: all together alone */
export const survivalQuery = (by: LifeGroups | undefined) =>
    queryOptions({
        queryKey: ['fish', 'survival', by],
        queryFn: () => read('/api/v1/survival', {}, by === undefined ? {} : { by }),
        placeholderData: keepPreviousData,
    })

export const countsQuery = (fish: number) =>
    queryOptions({
        queryKey: ['fish', fish, 'counts'],
        queryFn: () => read('/api/v1/fish/{fish}/counts', { fish }),
    })

export const lanesQuery = queryOptions({
    queryKey: ['plans', 'lanes'],
    queryFn: () => read('/api/v1/lanes', {}),
})

export const plansQuery = queryOptions({
    queryKey: ['plans'],
    queryFn: () => read('/api/v1/plans', {}),
})

export const planQuery = (plan: number) =>
    queryOptions({
        queryKey: ['plans', plan],
        queryFn: () => read('/api/v1/plans/{plan}', { plan }),
    })

/** @param tried what is otherwise than in the plan; null: nothing */
export const trialQuery = (tried: Trial | null) =>
    queryOptions({
        queryKey: ['plans', 'trial', tried],
        queryFn: tried === null ? skipToken : () => write('POST', '/api/v1/lanes/trial', {}, tried),
        retry: false,
        placeholderData: keepPreviousData,
    })

/** @param plan null: the one that is followed, or things as they are */
export const mendsQuery = (plan: number | null) =>
    queryOptions({
        queryKey: ['plans', 'mends', plan],
        queryFn: () => read('/api/v1/mends', {}, plan === null ? {} : { plan_id: plan }),
    })

export const toBuildQuery = queryOptions({
    queryKey: ['plans', 'to-build'],
    queryFn: () => read('/api/v1/to-build', {}),
})

export const rescueQuery = (system: number) =>
    queryOptions({
        queryKey: ['systems', system, 'rescue'],
        queryFn: () => read('/api/v1/systems/{system}/rescue', { system }),
    })

export type WhyNotAsked = Query<'/api/v1/lanes/why-not'>

/** @param asked who, where and when; null while nothing is asked */
export const whyNotQuery = (asked: WhyNotAsked | null) =>
    queryOptions({
        queryKey: ['plans', 'why-not', asked],
        queryFn: asked === null ? skipToken : () => read('/api/v1/lanes/why-not', {}, asked),
        retry: false,
        placeholderData: keepPreviousData,
    })

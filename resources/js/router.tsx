import type { QueryClient } from '@tanstack/react-query'
import {
    createRootRouteWithContext,
    createRoute,
    createRouter,
    lazyRouteComponent,
    notFound,
} from '@tanstack/react-router'
import {
    aggressionQuery,
    fishListQuery,
    formerFishQuery,
    fishQuery,
    lanesQuery,
    moveSheetQuery,
    companyQuery,
    movesQuery,
    rulebookQuery,
    speciesListQuery,
    speciesQuery,
    suitableSpeciesQuery,
    systemQuery,
    systemsQuery,
    todayQuery,
} from './api/queries'
import { Frame } from './frame/Frame'
import { leave } from './frame/arrival'
import { Drawing } from './frame/Drawing'
import { PlaceFailed } from './frame/PlaceFailed'
import { UnknownPage } from './frame/UnknownPage'
import { logSearch } from './log/logSearch'
import { systemSearch } from './systems/sheets'

interface Context {
    client: QueryClient
}

const root = createRootRouteWithContext<Context>()({
    component: Frame,
    notFoundComponent: UnknownPage,
})

/** The number of a record in an address; anything else is no page. */
const numbered = {
    params: {
        parse: ({ id }: { id: string }) => ({ id: Number(id) }),
        stringify: ({ id }: { id: number }) => ({ id: String(id) }),
    },
    beforeLoad: ({ params: { id } }: { params: { id: number } }) => {
        if (!Number.isSafeInteger(id) || id < 1) {
            // The router takes this for a page that is not there.
            // oxlint-disable-next-line typescript/only-throw-error
            throw notFound()
        }
    },
}

/** A text in the query of an address, if there is one. */
const text = (value: unknown): string | undefined => (typeof value === 'string' ? value : undefined)

/** What a page reads is asked for while its script is still on the way; what goes wrong is said by the page itself. */
const ask = (reply: Promise<unknown>): void => {
    reply.catch(() => undefined)
}

const today = createRoute({
    getParentRoute: () => root,
    path: '/',
    loader: ({ context }) => ask(context.client.query(todayQuery)),
    component: lazyRouteComponent(() => import('./today/TodayPage'), 'TodayPage'),
})
const fishList = createRoute({
    getParentRoute: () => root,
    path: '/fish',
    loader: ({ context }) => ask(context.client.query(fishListQuery)),
    component: lazyRouteComponent(() => import('./fish/FishList'), 'FishList'),
})
const addFish = createRoute({
    getParentRoute: () => root,
    path: '/fish/add',
    validateSearch: ({ system }: Record<string, unknown>): { system?: number } =>
        typeof system === 'number' ? { system } : {},
    loader: ({ context }) => ask(context.client.query(systemsQuery)),
    component: lazyRouteComponent(() => import('./fish/AddFishPage'), 'AddFishPage'),
})
const formerFish = createRoute({
    getParentRoute: () => root,
    path: '/fish/former',
    loader: ({ context }) => ask(context.client.query(formerFishQuery)),
    component: lazyRouteComponent(() => import('./fish/FormerFishPage'), 'FormerFishPage'),
})
const fish = createRoute({
    getParentRoute: () => root,
    path: '/fish/$id',
    ...numbered,
    loader: ({ context, params }) => ask(context.client.query(fishQuery(params.id))),
    component: lazyRouteComponent(() => import('./fish/FishPage'), 'FishPage'),
})
const diary = createRoute({
    getParentRoute: () => root,
    path: '/fish/$id/diary',
    ...numbered,
    component: lazyRouteComponent(() => import('./picture/DiaryPage'), 'DiaryPage'),
})
const measurePicture = createRoute({
    getParentRoute: () => root,
    path: '/pictures/$id/measure',
    ...numbered,
    component: lazyRouteComponent(() => import('./picture/MeasurePage'), 'MeasurePage'),
})
const systems = createRoute({
    getParentRoute: () => root,
    path: '/systems',
    loader: ({ context }) => ask(context.client.query(systemsQuery)),
    component: lazyRouteComponent(() => import('./systems/SystemsPage'), 'SystemsPage'),
})
const newSystem = createRoute({
    getParentRoute: () => root,
    path: '/systems/new',
    component: lazyRouteComponent(() => import('./systems/SystemEditPage'), 'NewSystemPage'),
})
const system = createRoute({
    getParentRoute: () => root,
    path: '/systems/$id',
    ...numbered,
    validateSearch: systemSearch,
    loader: ({ context, params }) => ask(context.client.query(systemQuery(params.id))),
    component: lazyRouteComponent(() => import('./systems/SystemPage'), 'SystemPage'),
})
const editSystem = createRoute({
    getParentRoute: () => root,
    path: '/systems/$id/edit',
    ...numbered,
    loader: ({ context, params }) => ask(context.client.query(systemQuery(params.id))),
    component: lazyRouteComponent(() => import('./systems/SystemEditPage'), 'SystemEditPage'),
})
const tankCard = createRoute({
    getParentRoute: () => root,
    path: '/systems/$id/card',
    ...numbered,
    loader: ({ context, params }) => ask(context.client.query(systemQuery(params.id))),
    component: lazyRouteComponent(() => import('./systems/TankCard'), 'TankCard'),
})
const aggression = createRoute({
    getParentRoute: () => root,
    path: '/systems/$id/company',
    ...numbered,
    loader: ({ context, params }) => ask(context.client.query(aggressionQuery(params.id))),
    component: lazyRouteComponent(() => import('./company/AggressionPage'), 'AggressionPage'),
})
const food = createRoute({
    getParentRoute: () => root,
    path: '/food',
    component: lazyRouteComponent(() => import('./food/FoodPage'), 'FoodPage'),
})
const costs = createRoute({
    getParentRoute: () => root,
    path: '/food/costs',
    component: lazyRouteComponent(() => import('./food/CostsPage'), 'CostsPage'),
})
const suitableSpecies = createRoute({
    getParentRoute: () => root,
    path: '/systems/$id/suitable-species',
    ...numbered,
    validateSearch: ({ fish: name }: Record<string, unknown>): { fish?: string } => {
        const withFish = text(name)
        return withFish === undefined ? {} : { fish: withFish }
    },
    loader: ({ context, params }) => ask(context.client.query(suitableSpeciesQuery(params.id))),
    component: lazyRouteComponent(() => import('./systems/SuitableSpeciesPage'), 'SuitableSpeciesPage'),
})
const log = createRoute({
    getParentRoute: () => root,
    path: '/log',
    validateSearch: logSearch,
    component: lazyRouteComponent(() => import('./log/LogPage'), 'LogPage'),
})
const moves = createRoute({
    getParentRoute: () => root,
    path: '/moves',
    validateSearch: ({ plan, fish: id }: Record<string, unknown>): { plan?: true; fish?: number } =>
        plan === true ? { plan, ...(typeof id === 'number' ? { fish: id } : {}) } : {},
    loader: ({ context }) => ask(context.client.query(movesQuery)),
    component: lazyRouteComponent(() => import('./moves/MovesPage'), 'MovesPage'),
})
const plan = createRoute({
    getParentRoute: () => root,
    path: '/plan',
    validateSearch: ({ plan }: Record<string, unknown>): { plan?: number } =>
        typeof plan === 'number' && Number.isSafeInteger(plan) && plan > 0 ? { plan } : {},
    loader: ({ context }) => ask(context.client.query(lanesQuery)),
    component: lazyRouteComponent(() => import('./plan/PlanPage'), 'PlanPage'),
})
const company = createRoute({
    getParentRoute: () => root,
    path: '/company',
    loader: ({ context }) => ask(context.client.query(companyQuery(undefined))),
    component: lazyRouteComponent(() => import('./company/CompanyPage'), 'CompanyPage'),
})
const moveSheet = createRoute({
    getParentRoute: () => root,
    path: '/moves/$id',
    ...numbered,
    loader: ({ context, params }) => ask(context.client.query(moveSheetQuery(params.id))),
    component: lazyRouteComponent(() => import('./moves/MoveSheetPage'), 'MoveSheetPage'),
})
const weighUp = createRoute({
    getParentRoute: () => root,
    path: '/weigh-up',
    validateSearch: ({ species: name }: Record<string, unknown>): { species?: string } => {
        const species = text(name)
        return species === undefined ? {} : { species }
    },
    loader: ({ context }) => ask(context.client.query(speciesListQuery)),
    component: lazyRouteComponent(() => import('./weighup/WeighUpPage'), 'WeighUpPage'),
})
const speciesList = createRoute({
    getParentRoute: () => root,
    path: '/species',
    loader: ({ context }) => ask(context.client.query(speciesListQuery)),
    component: lazyRouteComponent(() => import('./species/SpeciesListPage'), 'SpeciesListPage'),
})
const species = createRoute({
    getParentRoute: () => root,
    path: '/species/$id',
    ...numbered,
    loader: ({ context, params }) => ask(context.client.query(speciesQuery(params.id))),
    component: lazyRouteComponent(() => import('./species/SpeciesPage'), 'SpeciesPage'),
})
const words = createRoute({
    getParentRoute: () => root,
    path: '/words',
    component: lazyRouteComponent(() => import('./terms/WordsPage'), 'WordsPage'),
})
const settings = createRoute({
    getParentRoute: () => root,
    path: '/settings',
    component: lazyRouteComponent(() => import('./settings/SettingsPage'), 'SettingsPage'),
})
const settingsSheet = createRoute({
    getParentRoute: () => root,
    path: '/settings/$sheet',
    component: lazyRouteComponent(() => import('./settings/SettingsSheet'), 'SettingsSheet'),
})
const importedTable = createRoute({
    getParentRoute: () => root,
    path: '/settings/imports/$id',
    ...numbered,
    component: lazyRouteComponent(() => import('./settings/ImportPage'), 'ImportPage'),
})
const rulebook = createRoute({
    getParentRoute: () => root,
    path: '/rulebook',
    loader: ({ context }) => ask(context.client.query(rulebookQuery)),
    component: lazyRouteComponent(() => import('./rulebook/RulebookPage'), 'RulebookPage'),
})

export const router = createRouter({
    routeTree: root.addChildren([
        today,
        fishList,
        addFish,
        formerFish,
        fish,
        diary,
        measurePicture,
        systems,
        newSystem,
        system,
        editSystem,
        tankCard,
        aggression,
        suitableSpecies,
        food,
        costs,
        plan,
        moves,
        company,
        moveSheet,
        weighUp,
        log,
        speciesList,
        species,
        rulebook,
        words,
        settings,
        settingsSheet,
        importedTable,
    ]),
    // Both are given where the router is drawn: see App.
    context: { client: undefined as unknown as QueryClient },
    scrollRestoration: true,
    defaultPreload: 'intent',
    defaultPendingComponent: Drawing,
    defaultErrorComponent: PlaceFailed,
})

router.subscribe('onBeforeNavigate', ({ pathChanged, fromLocation }) => {
    if (pathChanged && fromLocation !== undefined) {
        leave(fromLocation.pathname)
    }
})

declare module '@tanstack/react-router' {
    interface Register {
        router: typeof router
    }
}

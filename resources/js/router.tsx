import { messages } from './messages'
import { Box } from '@chakra-ui/react'
import { createRootRouteWithContext, createRoute, createRouter } from '@tanstack/react-router'
import type { Keeper } from './api/types'
import { FishList } from './fish/FishList'
import { FishPage } from './fish/FishPage'
import { Frame } from './frame/Frame'
import { SpeciesPage } from './species/SpeciesPage'
import { SpeciesListPage } from './species/SpeciesListPage'
import { MoveSheetPage } from './moves/MoveSheetPage'
import { MovesPage } from './moves/MovesPage'
import { RulebookPage } from './rulebook/RulebookPage'
import { SuitableSpeciesPage } from './systems/SuitableSpeciesPage'
import { SystemEditPage } from './systems/SystemEditPage'
import { SystemPage } from './systems/SystemPage'
import { SystemsPage } from './systems/SystemsPage'
import { TankCard } from './systems/TankCard'
import { TodayPage } from './today/TodayPage'
import { WeighUpPage } from './weighup/WeighUpPage'

const root = createRootRouteWithContext<{ keeper: Keeper }>()({
    component: function Root() {
        return <Frame keeper={root.useRouteContext().keeper} />
    },
    notFoundComponent: () => <Box padding="24px 10px">{messages.frame.unknownPage}</Box>,
})

const today = createRoute({ getParentRoute: () => root, path: '/', component: TodayPage })
const fishList = createRoute({ getParentRoute: () => root, path: '/fish', component: FishList })
const fish = createRoute({
    getParentRoute: () => root,
    path: '/fish/$id',
    component: function FishRoute() {
        return <FishPage id={Number(fish.useParams().id)} key={fish.useParams().id} />
    },
})
const speciesList = createRoute({ getParentRoute: () => root, path: '/species', component: SpeciesListPage })
const species = createRoute({
    getParentRoute: () => root,
    path: '/species/$id',
    component: function SpeciesRoute() {
        return <SpeciesPage id={Number(species.useParams().id)} key={species.useParams().id} />
    },
})
const weighUp = createRoute({
    getParentRoute: () => root,
    path: '/weigh-up',
    validateSearch: (search: Record<string, unknown>): { species?: string } =>
        typeof search.species === 'string' ? { species: search.species } : {},
    component: function WeighUpRoute() {
        const asked = weighUp.useSearch().species ?? ''
        return <WeighUpPage species={asked} key={asked} />
    },
})
const suitable = createRoute({
    getParentRoute: () => root,
    path: '/systems/$id/suitable-species',
    validateSearch: (search: Record<string, unknown>): { fish?: string } =>
        typeof search.fish === 'string' ? { fish: search.fish } : {},
    component: function LodgersRoute() {
        return (
            <SuitableSpeciesPage
                id={Number(suitable.useParams().id)}
                withFish={suitable.useSearch().fish}
                key={suitable.useParams().id}
            />
        )
    },
})
const moves = createRoute({ getParentRoute: () => root, path: '/moves', component: MovesPage })
const moveSheet = createRoute({
    getParentRoute: () => root,
    path: '/moves/$id',
    component: function MoveSheetRoute() {
        return <MoveSheetPage id={Number(moveSheet.useParams().id)} key={moveSheet.useParams().id} />
    },
})
const rulebook = createRoute({ getParentRoute: () => root, path: '/rulebook', component: RulebookPage })
const newSystem = createRoute({
    getParentRoute: () => root,
    path: '/systems/new',
    component: () => <SystemEditPage />,
})
const system = createRoute({
    getParentRoute: () => root,
    path: '/systems/$id',
    component: function SystemRoute() {
        return <SystemPage id={Number(system.useParams().id)} key={system.useParams().id} />
    },
})
const editSystem = createRoute({
    getParentRoute: () => root,
    path: '/systems/$id/edit',
    component: function EditSystemRoute() {
        return <SystemEditPage id={Number(editSystem.useParams().id)} key={editSystem.useParams().id} />
    },
})
const tankCard = createRoute({
    getParentRoute: () => root,
    path: '/systems/$id/card',
    component: function TankCardRoute() {
        return <TankCard id={Number(tankCard.useParams().id)} />
    },
})
const systems = createRoute({ getParentRoute: () => root, path: '/systems', component: SystemsPage })

export const router = createRouter({
    routeTree: root.addChildren([
        today,
        fishList,
        fish,
        systems,
        newSystem,
        system,
        editSystem,
        tankCard,
        moves,
        moveSheet,
        suitable,
        weighUp,
        speciesList,
        species,
        rulebook,
    ]),
    context: { keeper: undefined as unknown as Keeper },
    scrollRestoration: true,
})

declare module '@tanstack/react-router' {
    interface Register {
        router: typeof router
    }
}

import { Box } from '@chakra-ui/react'
import { createRootRouteWithContext, createRoute, createRouter } from '@tanstack/react-router'
import type { Keeper } from './api/types'
import { FishList } from './fish/FishList'
import { FishPage } from './fish/FishPage'
import { Frame } from './frame/Frame'
import { SystemsPage } from './systems/SystemsPage'
import { TodayPage } from './today/TodayPage'
import { words } from './words/en'

const root = createRootRouteWithContext<{ keeper: Keeper }>()({
    component: function Root() {
        return <Frame keeper={root.useRouteContext().keeper} />
    },
    notFoundComponent: () => <Box padding="24px 10px">{words.unknownPage}</Box>,
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
const systems = createRoute({ getParentRoute: () => root, path: '/systems', component: SystemsPage })

export const router = createRouter({
    routeTree: root.addChildren([today, fishList, fish, systems]),
    context: { keeper: undefined as unknown as Keeper },
    scrollRestoration: true,
})

declare module '@tanstack/react-router' {
    interface Register {
        router: typeof router
    }
}

import type { ComponentType } from 'react'
import { Suspense } from 'react'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { RouterProvider } from '@tanstack/react-router'
import { sessionQuery } from './api/queries'
import { Drawing } from './frame/Drawing'
import { KeeperContext } from './frame/keeper'
import { onDemand } from './frame/onDemand'
import { Waiting } from './frame/Waiting'
import { router } from './router'
import { SignInAgain } from './session/SignInAgain'

const FirstRun = onDemand(() => import('./session/FirstRun'), 'FirstRun')
const SignInSheet = onDemand(() => import('./session/SignInSheet'), 'SignInSheet')

/** Pages that a link opens, whoever is signed in. */
const byLink: Partial<Record<string, ComponentType>> = {
    '/sitter': onDemand(() => import('./sitter/SitterPage'), 'SitterPage'),
    '/invitation': onDemand(() => import('./session/InvitationDoor'), 'InvitationDoor'),
    '/password': onDemand(() => import('./session/PasswordDoor'), 'PasswordDoor'),
}

export function App() {
    const Linked = byLink[window.location.pathname]
    return Linked === undefined ? (
        <Place />
    ) : (
        <Suspense fallback={<Drawing />}>
            <Linked />
        </Suspense>
    )
}

/** Nobody yet: the first run. Nobody signed in: the door. Else the sheets. */
function Place() {
    const client = useQueryClient()
    return (
        <Waiting query={useQuery(sessionQuery)}>
            {(session) => {
                if (session.keeper !== null) {
                    return (
                        <KeeperContext.Provider value={session.keeper}>
                            <RouterProvider router={router} context={{ client }} />
                            <SignInAgain />
                        </KeeperContext.Provider>
                    )
                }
                return (
                    <Suspense fallback={<Drawing />}>
                        {session.owner_exists ? <SignInSheet /> : <FirstRun />}
                    </Suspense>
                )
            }}
        </Waiting>
    )
}

import { useQuery } from '@tanstack/react-query'
import { RouterProvider } from '@tanstack/react-router'
import { sessionQuery } from './api/queries'
import { Waiting } from './frame/Waiting'
import { router } from './router'
import { FirstRun } from './session/FirstRun'
import { SignInAgain } from './session/SignInAgain'
import { SignInSheet } from './session/SignInSheet'

/** Nobody yet: the first run. Nobody signed in: the door. Else the sheets. */
export function App() {
    return (
        <Waiting query={useQuery(sessionQuery)}>
            {(session) => {
                if (session.keeper !== null) {
                    return (
                        <>
                            <RouterProvider router={router} context={{ keeper: session.keeper }} />
                            <SignInAgain />
                        </>
                    )
                }
                return session.owner_exists ? <SignInSheet /> : <FirstRun />
            }}
        </Waiting>
    )
}

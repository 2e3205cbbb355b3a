import { ink } from '../theme/tokens'

export type State = 'due' | 'late' | 'there' | 'there-late' | 'soon' | 'done'

/** Where a thing is done that no tick settles: a pointer to the right. */
const POINTER = 'M4 3H15L24 13 15 23H4Z'

/** Open square: due, and ticked where it stands. Pointer: due, and done elsewhere. Hatched: late. Diamond: soon. Tick out of its square: done. */
export function StateBox({ state }: { state: State }) {
    return (
        <svg width="26" height="26" aria-hidden="true">
            {state === 'due' && (
                <rect
                    x="3"
                    y="3"
                    width="20"
                    height="20"
                    fill={ink('fresh')}
                    stroke={ink('ink')}
                    strokeWidth="2"
                />
            )}
            {state === 'late' && (
                <>
                    <rect x="3" y="3" width="20" height="20" fill={ink('fresh')} />
                    <rect
                        x="3"
                        y="3"
                        width="20"
                        height="20"
                        fill="url(#hatch-over)"
                        stroke={ink('over')}
                        strokeWidth="2"
                    />
                </>
            )}
            {state === 'there' && (
                <path d={POINTER} fill={ink('fresh')} stroke={ink('ink')} strokeWidth="2" />
            )}
            {state === 'there-late' && (
                <>
                    <path d={POINTER} fill={ink('fresh')} />
                    <path d={POINTER} fill="url(#hatch-over)" stroke={ink('over')} strokeWidth="2" />
                </>
            )}
            {state === 'soon' && (
                <path
                    d="M13 1.5L24.5 13 13 24.5 1.5 13Z"
                    fill={ink('fresh')}
                    stroke={ink('close')}
                    strokeWidth="2"
                />
            )}
            {state === 'done' && (
                <>
                    <rect
                        x="3"
                        y="3"
                        width="20"
                        height="20"
                        fill="none"
                        stroke={ink('done')}
                        strokeWidth="1.4"
                    />
                    <path d="M6 13l6 7L24 1" fill="none" stroke={ink('done')} strokeWidth="2.6" />
                </>
            )}
        </svg>
    )
}

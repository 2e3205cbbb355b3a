import { words } from '../words/en'

interface Place {
    to: '/' | '/fish' | '/systems' | '/moves' | '/weigh-up' | '/species' | '/rulebook'
    letter: string
    word: string
    /** In the room, at the desk, or on the shelf: the stretches of the tape. */
    stretch: 'room' | 'desk' | 'shelf'
}

/** The places of the work, along the day. */
export const places: readonly Place[] = [
    { to: '/', letter: 'T', word: words.places.today, stretch: 'room' },
    { to: '/fish', letter: 'F', word: words.places.fish, stretch: 'room' },
    { to: '/systems', letter: 'S', word: words.places.systems, stretch: 'room' },
    { to: '/moves', letter: 'M', word: words.places.moves, stretch: 'desk' },
    { to: '/weigh-up', letter: 'W', word: words.places.weighUp, stretch: 'desk' },
    { to: '/species', letter: 'K', word: words.places.species, stretch: 'shelf' },
    { to: '/rulebook', letter: 'R', word: words.places.rulebook, stretch: 'shelf' },
]

export const isHere = (to: string, path: string): boolean => (to === '/' ? path === '/' : path.startsWith(to))

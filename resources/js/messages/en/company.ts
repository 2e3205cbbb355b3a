/** Who can live with whom. */
export const company = {
    title: 'Who can live with whom',
    comment:
        'Every two of them, in both directions, for two years. What is likely is not certain: watch them.',
    headline:
        '{all, plural, =0 {Nobody to compare: one needs two.} other {{good, plural, =0 {None} other {#}} of {all} pairs can share for two years{never, plural, =0 {.} one {; one should never meet.} other {; {never_words} should never meet.}}}}',
    whose: 'Those in',
    all: 'the whole place',
    more: '{n, plural, one {One more is} other {# more are}} not shown: choose a system.',
    verdicts: {
        good: 'good',
        watch: 'watch',
        avoid: 'apart',
    },
    never: 'never',
    until: 'until {month}',
    from: 'from {month}',
    bar: 'Each bar runs two years from today.',
    pairName: '{one} and {other}: {said}',
    choose: 'Choose two of them to see why.',
    nothing: '{one} and {other}: nothing known speaks against them for two years.',
    swallowsUntil: '{predator} can swallow {prey} until about {until}, when it no longer fits.',
    swallowsNow: '{predator} can swallow {prey} now, and to the end of what is looked at.',
    swallowsFrom:
        '{predator} may swallow {prey} from {early} on{likely, select, none {} other {, likely from {likely}}}.',
    mayBe: '{predator} may swallow {prey}: {percent} likely at its height.',
    safeFrom: '{prey} is safe from {length} on, as {predator} is today.',
    swallows: '{predator} swallows up to {length}',
    picture: '{predator}, {long}, and {prey}, {short}, to one scale',
} as const

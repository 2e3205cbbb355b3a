/** Doors that are opened by a link: an invitation, a new password. */
export const door = {
    small: '8 cm, brought home',
    grown: '60 cm, grown',
    idea: 'Growth, room and moves of large fish, drawn to scale.',
    invitation: {
        title: '{name}, you are invited to {facility}.',
        comment: 'You come in as {role}: {may}',
        name: 'Your name',
        act: 'Come in',
        waiting: 'Looking at the invitation…',
        toSignIn: 'To the sign-in',
    },
    password: {
        title: 'Choose a new password',
        comment: 'For {email}. Whoever is signed in with the old one is signed out.',
        fresh: 'The new password',
        help: 'At least 10 characters.',
        act: 'Set it',
        done: 'The password is set. Sign in with it.',
        noLink: 'This page needs the whole link that you were sent, with all that follows the #.',
    },
    forgotten: {
        help: 'A link to a new one is mailed to you, if somebody here has this address.',
        act: 'Mail me a link',
        sent: 'If somebody here has this address, a letter is on its way. The link in it opens for an hour.',
    },
} as const

/** Arranging the steps of a job. */
export const steps = {
    edit: 'Change the steps',
    title: 'The steps, as you do them',
    save: 'Save the steps',
    saved: 'The steps are as you arranged them.',
    asUsual: 'The steps are as usual again.',
    own: 'A step of your own',
    part: 'Where',
    add: 'Add it',
    usual: 'As usual again',
    leaveOut: 'Leave out',
    leaveOutStep: 'Leave out: {words}',
    up: 'Up: {words}',
    down: 'Down: {words}',
    minutes: 'min',
    days: 'days',
} as const

/** Where a size of a picture is served. */
export const addressOf = (picture: number, size: 'thumb' | 'sheet' | 'full'): string =>
    `/api/v1/pictures/${picture}/${size}`

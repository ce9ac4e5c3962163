const shown = new Intl.DateTimeFormat(undefined, { dateStyle: 'medium', timeStyle: 'short' });

/** A moment as people write it where they are. */
export const when = (iso: string): string => shown.format(new Date(iso));

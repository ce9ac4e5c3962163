const SIGNS: Record<string, string> = { day: 'DD', month: 'MM', year: 'YYYY' };

/** How a language writes a date in numbers, as the date picker is told it: "DD/MM/YYYY", "YYYY-MM-DD". */
export function dateOrder(language: string): string {
    return new Intl.DateTimeFormat(language, { day: '2-digit', month: '2-digit', year: 'numeric' })
        .formatToParts(new Date(2000, 0, 1))
        .map(({ type, value }) => SIGNS[type] ?? (type === 'literal' ? value : ''))
        .join('');
}

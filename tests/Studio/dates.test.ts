import { expect, it } from 'vitest';
import { dateOrder } from '../../resources/studio/shared/date-order';

it('writes a date in the order of the person who reads it', () => {
    expect(dateOrder('de')).toBe('DD.MM.YYYY');
    expect(dateOrder('en-GB')).toBe('DD/MM/YYYY');
    expect(dateOrder('en-US')).toBe('MM/DD/YYYY');
    expect(dateOrder('sv')).toBe('YYYY-MM-DD');
    for (const language of ['fr', 'ja', 'ar', 'he', 'hu', 'pl']) {
        const order = dateOrder(language);
        for (const part of ['DD', 'MM', 'YYYY']) expect(order.split(part), `${part} in ${language}`).toHaveLength(2);
    }
});

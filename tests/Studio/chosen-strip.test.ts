import { mount } from '@vue/test-utils';
import { describe, expect, it } from 'vitest';
import type { ChosenPicture } from '../../resources/studio/tidy/chosen';
import ChosenStrip from '../../resources/studio/tidy/ChosenStrip.vue';

const picture = (id: string, sure: boolean): ChosenPicture => ({
    id,
    name: `${id}.jpg`,
    title: id === 'b' ? 'Two boats' : '',
    thumbnail: `/media/${id}`,
    focal_sure: sure,
});

describe('the chosen pictures beside the one that is tidied', () => {
    it('begin with those whose focal point was guessed, and say so', async () => {
        const strip = mount(ChosenStrip, { props: { chosen: [picture('a', true), picture('b', false), picture('c', true), picture('d', false)], at: 'c' } });
        const buttons = strip.findAll('button');
        expect(buttons.map((button) => button.attributes('aria-label'))).toEqual([
            'Two boats, focal point guessed',
            'd.jpg, focal point guessed',
            'a.jpg',
            'c.jpg',
        ]);
        expect(strip.get('ol').attributes('aria-label')).toBe('Chosen pictures, the 2 with a guessed focal point first');
        expect(buttons.map((button) => button.attributes('aria-current'))).toEqual([undefined, undefined, undefined, 'true']);
        await buttons[0]?.trigger('click');
        expect(strip.emitted('go')).toEqual([['b']]);
    });
});

import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { render } from '@testing-library/vue';
import userEvent, { type UserEvent } from '@testing-library/user-event';
import type { Component } from 'vue';
import type { Gallery, Item } from '../../resources/studio/api/types';

/** A component as a person meets it: drawn, with a keyboard, and with what it told its parent. */
export interface Met {
    user: UserEvent;
    told: <T = unknown[]>(event: string) => T[];
    redraw: (props: object) => Promise<void>;
    leave: () => void;
}

export function meet(component: Component, props: Record<string, unknown> = {}): Met {
    const user = userEvent.setup();
    const drawn = render(component, {
        props,
        global: { plugins: [[VueQueryPlugin, { queryClient: new QueryClient({ defaultOptions: { queries: { retry: false } } }) }]] },
    });
    return {
        user,
        told: <T>(event: string) => (drawn.emitted()[event] ?? []) as T[],
        redraw: (next) => drawn.rerender(next),
        leave: () => drawn.unmount(),
    };
}

/** Tab stops of a place, in the order in which Tab comes to them. */
export function tabStops(home: ParentNode = document): HTMLElement[] {
    return [...home.querySelectorAll<HTMLElement>('a[href], button, input, select, textarea, [tabindex]')].filter(
        (element) => element.tabIndex >= 0 && !(element as HTMLButtonElement).disabled && !element.closest('[aria-hidden="true"]'),
    );
}

export function itemOf(place: number, words: Partial<Item['words']> = {}): Item {
    return {
        id: `i${place}`,
        kind: 'picture',
        hidden: false,
        large: false,
        album: null,
        exceptions: [],
        flaws: [],
        words: { title: `Kite ${place}`, caption: '', description: '', alt: '', link: '', credit: '', decorative: false, ...words },
        picture: { id: `p${place}`, name: `kite-${place}.jpg`, thumbnail: null },
    } as unknown as Item;
}

export function galleryOf(items: Item[], more: Partial<Gallery> = {}): Gallery {
    return {
        id: 'g1',
        version: 1,
        title: 'Kites',
        items,
        albums: { list: [], view: 'none' },
        about: { description: '', shows_title: false, shows_description: false },
        ...more,
    } as unknown as Gallery;
}

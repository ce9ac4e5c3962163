import { VueQueryPlugin, type QueryClient } from '@tanstack/vue-query';
import { render } from '@testing-library/vue';
import userEvent, { type UserEvent } from '@testing-library/user-event';
import { createPinia, disposePinia, type Pinia } from 'pinia';
import { afterEach, vi } from 'vitest';
import { defineComponent, h, type Component, type FunctionalComponent } from 'vue';
import { FreshClient } from '../../resources/studio/api/fresh-client';
import type { Gallery, Item } from '../../resources/studio/api/types';

/** A component as a person meets it: drawn, with a keyboard, and with what it told its parent. */
export interface Met {
    user: UserEvent;
    told: <T = unknown[]>(event: string) => T[];
    redraw: (props: object) => Promise<void>;
    leave: () => void;
}

/** A link that leads nowhere. */
const RouterLink: FunctionalComponent<{ to: object }> = (_, { slots }) => h('a', { href: '#' }, slots['default']?.());
RouterLink.props = ['to'];

const pinias: Pinia[] = [];

function plugins(queryClient: QueryClient): (Pinia | [typeof VueQueryPlugin, object])[] {
    pinias.push(createPinia());
    return [pinias.at(-1) as Pinia, [VueQueryPlugin, { queryClient }]];
}

// Stores outlive what uses them, and listen to the window.
afterEach(() => pinias.splice(0).forEach(disposePinia));

/** The store of what was fetched, which holds already what is given. */
export function fetched(gallery?: Gallery): QueryClient {
    const client = new FreshClient({ defaultOptions: { queries: { retry: false, staleTime: 60_000 } } });
    if (gallery) client.setQueryData(['gallery', gallery.id], gallery);
    return client;
}

export function meet(component: Component, props: Record<string, unknown> = {}, client = fetched()): Met {
    const user = userEvent.setup({ advanceTimers: async (ms) => void (vi.isFakeTimers() && (await vi.advanceTimersByTimeAsync(ms))) });
    const drawn = render(component, { props, global: { plugins: plugins(client), components: { RouterLink } } });
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
    const all = { title: `Kite ${place}`, caption: '', description: '', alt: '', link: '', credit: '', decorative: false, ...words };
    return {
        id: `i${place}`,
        kind: 'picture',
        hidden: false,
        large: false,
        album: null,
        exceptions: [],
        flaws: [],
        words: all,
        picture: { id: `p${place}`, name: `kite-${place}.jpg`, thumbnail: null, words: all },
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

/** What a composable gives to a component that is there. */
export function within<T>(use: () => T, client = fetched()): { given: T; leave: () => void } {
    let given: T | undefined;
    const drawn = render(defineComponent({ setup: () => ((given = use()), () => h('p')) }), { global: { plugins: plugins(client) } });
    return { given: given as T, leave: () => drawn.unmount() };
}

/** So many ms go by, at once. */
export const pass = (ms: number): Promise<unknown> => vi.advanceTimersByTimeAsync(ms);

export interface Asked {
    method: string;
    path: string;
    body: unknown;
}

export type Answer = (asked: Asked) => object | [number, object];

/** A server that answers by the end of a path, and remembers what it was asked. */
export function serve(byPath: Record<string, Answer>): Asked[] {
    const asked: Asked[] = [];
    vi.stubGlobal('fetch', (path: string, { method, body }: { method: string; body?: string | FormData }) => {
        const one = {
            method,
            path: decodeURIComponent(path).replace('/studio/api/', ''),
            body: typeof body === 'string' ? (JSON.parse(body) as unknown) : body,
        };
        asked.push(one);
        const answer = Object.entries(byPath).find(([end]) => one.path.split('?')[0]?.endsWith(end))?.[1](one);
        const [status, json]: [number, object] = Array.isArray(answer)
            ? (answer as [number, object])
            : [answer ? 200 : 404, answer ?? { code: 'not-found', detail: 'There is none.' }];
        return Promise.resolve(new Response(JSON.stringify(json), { status }));
    });
    return asked;
}

export const refused = (detail: string): [number, object] => [422, { code: 'refused', detail }];

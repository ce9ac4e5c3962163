import { render } from '@testing-library/vue';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { defineComponent, h, nextTick, ref } from 'vue';
import { canTakeFocus, nearestTabStop, useFocusGuard } from '../../resources/studio/shared/use-focus-guard';
import { filesOf } from '../../resources/studio/uploads/files-of';
import { pass } from './support';

describe('the focus', () => {
    const left = ref<string[]>([]);
    const off = ref<string[]>([]);

    beforeEach(() => {
        left.value = ['a', 'b', 'c'];
        off.value = [];
        vi.stubGlobal('requestAnimationFrame', (work: () => void) => setTimeout(work, 0));
        render(
            defineComponent({
                setup() {
                    useFocusGuard();
                    return () =>
                        h('main', [
                            h(
                                'section',
                                left.value.map((name) => h('button', { key: name, id: name, disabled: off.value.includes(name) }, name)),
                            ),
                            h('button', { id: 'outside' }, 'outside'),
                        ]);
                },
            }),
        );
    });

    const settle = async (): Promise<void> => {
        await nextTick();
        await pass(10);
    };
    const here = (): string | undefined => document.activeElement?.id;
    const focus = (id: string): void => document.getElementById(id)?.focus();

    it.each([
        ['a', ['b', 'c'], 'b'],
        ['b', ['a', 'c'], 'c'],
        ['c', ['a', 'b'], 'b'],
        ['b', [], 'outside'],
    ])('goes from %s, which went away, to its neighbour of the same place', async (from, stay, to) => {
        focus(from);
        left.value = stay;
        await settle();
        expect(here()).toBe(to);
    });

    it('leaves what was switched off', async () => {
        focus('b');
        off.value = ['b'];
        await settle();
        expect(here()).not.toBe('b');
        expect(document.activeElement).not.toBe(document.body);
    });

    it('stays where a person put it', async () => {
        focus('a');
        focus('outside');
        left.value = ['b'];
        await settle();
        expect(here()).toBe('outside');
    });
});

describe('tab stops', () => {
    it('are what can take the focus now', () => {
        document.body.innerHTML =
            '<p id="home"><a href="/x">1</a><a>no</a><button disabled>no</button><button tabindex="-1">no</button><input type="hidden"><span aria-hidden="true"><button>no</button></span><button>2</button></p>';
        const home = document.querySelector('#home') as HTMLElement;
        expect([...home.querySelectorAll<HTMLElement>('button, input')].filter(canTakeFocus).map(({ textContent }) => textContent)).toEqual(['2']);
        expect(nearestTabStop(home, 0)?.textContent).toBe('1');
        expect(nearestTabStop(home, 9)?.textContent).toBe('2');
        expect(nearestTabStop(document.createElement('p'), 0)).toBeUndefined();
    });
});

describe('what is dropped', () => {
    const file = (name: string): FileSystemEntry =>
        ({ name, isFile: true, file: (take: (file: File) => void) => take(new File(['x'], name)) }) as unknown as FileSystemEntry;
    const folder = (name: string, inside: FileSystemEntry[]): FileSystemEntry =>
        ({
            name,
            isFile: false,
            createReader: () => {
                const rest = [...inside];
                // As browsers do: a hundred at a time.
                return { readEntries: (take: (some: FileSystemEntry[]) => void) => take(rest.splice(0, 100)) };
            },
        }) as unknown as FileSystemEntry;
    const dropped = (...entries: FileSystemEntry[]): DataTransfer =>
        ({ items: entries.map((entry) => ({ kind: 'file', webkitGetAsEntry: () => entry })), files: [] }) as unknown as DataTransfer;
    const names = async (data: DataTransfer): Promise<string[]> => (await filesOf(data)).map(({ name }) => name);

    it('is every file, those in folders as a person orders them, without what computers lay beside', async () => {
        const deep = folder('Kites', [
            file('kite 10.jpg'),
            file('kite 9.jpg'),
            file('.DS_Store'),
            folder('__MACOSX', [file('kite 9.jpg')]),
            folder('b', [file('Thumbs.db'), file('deep.jpg')]),
        ]);
        expect(await names(dropped(file('first.jpg'), deep))).toEqual(['first.jpg', 'deep.jpg', 'kite 9.jpg', 'kite 10.jpg']);
    });

    it('is all of a large folder', async () => {
        const many = Array.from({ length: 250 }, (_, index) => file(`${index}.jpg`));
        expect(await names(dropped(folder('all', many)))).toHaveLength(250);
    });

    it('may be nothing, or files without a folder’s way', async () => {
        expect(await filesOf(null)).toEqual([]);
        const plain = { items: [{ kind: 'string', webkitGetAsEntry: () => null }], files: [new File(['x'], 'pasted.png')] } as unknown as DataTransfer;
        expect((await filesOf(plain)).map(({ name }) => name)).toEqual(['pasted.png']);
    });
});

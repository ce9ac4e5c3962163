import { indexAfter, intentOfKey } from './base/intents';
import { isRightToLeft } from './base/surroundings';

/** "Show all" opens by itself; the focus goes on to the first picture that came, and back to where it was left. */
export function enlivenMore(pane: Element): void {
    pane.querySelectorAll<HTMLDetailsElement>('.zp-all').forEach((more) => {
        const list = more.previousElementSibling?.matches('.zp-tiles') ? more.previousElementSibling : more.parentElement?.querySelector('.zp-tiles');
        more.querySelector('summary')?.addEventListener('click', () => {
            if (!list || more.open) return;
            const first = [...list.children].find((tile) => !tile.checkVisibility());
            more.addEventListener('toggle', () => first?.querySelector('a')?.focus(), { once: true });
        });
        more.addEventListener('toggle', () => {
            if (!more.open) more.querySelector('summary')?.scrollIntoView({ block: 'nearest' });
        });
    });
}

/** Albums and pages are radio buttons: the arrows of the browser do not know which way a page is read, nor Home and End. */
export function enlivenTabs(pane: Element): void {
    pane.querySelector('.zp-tabs')?.addEventListener('keydown', (event) => {
        const { key, currentTarget, target, altKey, ctrlKey, metaKey } = event as KeyboardEvent;
        const chooser = currentTarget as Element;
        const inputs = [...chooser.querySelectorAll('input')];
        const intent = altKey || ctrlKey || metaKey ? null : intentOfKey(key, isRightToLeft(chooser));
        const to = inputs[indexAfter(intent, inputs.indexOf(target as HTMLInputElement), inputs.length)];
        if (!intent || !to) return;
        event.preventDefault();
        to.checked = true;
        to.focus();
        to.dispatchEvent(new Event('change', { bubbles: true }));
    });
}

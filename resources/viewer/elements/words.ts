import type { Slide } from '../base/slides';

/** Fills the room of the words: title, caption, description, credit, facts, and where it leads. */
export function fillWords(room: HTMLElement, { title, words, leads }: Slide, leave: () => void): void {
    const parts: HTMLElement[] = [];
    const add = (name: 'h2' | 'p', className: string, text: string): void => {
        const part = document.createElement(name);
        part.className = className;
        part.dir = 'auto';
        part.textContent = text;
        parts.push(part);
    };
    if (title) add('h2', 'title', title);
    for (const [name, text] of words) add('p', name, text);
    if (leads) {
        const link = document.createElement('a');
        link.href = leads;
        link.textContent = leads.replace(/^(https?:\/\/|mailto:)/i, '').replace(/\/$/, '');
        // A place of the page itself is gone to at once; another page says where it is.
        link.onclick = () => leads.startsWith('#') && leave();
        const line = document.createElement('p');
        line.append(link);
        parts.push(line);
    }
    room.replaceChildren(...parts);
    room.scrollTop = 0;
}

/** All words once more as one line, for whoever hears them. */
export function toldOf(name: string, { words }: Slide): string {
    return [name, ...words.map(([, text]) => text)].join('. ');
}

import { Address } from '../controllers/address';
import { Keys } from './keys';
import { lendOver } from './large-loupe';
import { fillScreen, share } from '../controllers/outside';
import { Playing } from '../controllers/playing';
import { keepInSight } from '../controllers/sight';
import { indexAfter, type Intent } from '../base/intents';
import { VIEWER, type ViewerPart } from '../base/loader';
import { nameOf, sequenceOf, type Sequence, type Slide } from '../base/slides';
import { adopt } from '../base/surroundings';
import { fill } from '../base/trusted';
import { dress } from './dress';
import { fly } from './flight';
import { label, MARKUP, turn } from './markup';
import { Stage, STEP } from './stage';
import { STYLE } from './style';
import { Thumbs } from './thumbs';
import { fillWords, toldOf } from './words';

/** ms that a word about what was done stays in sight. */
const TOLD = 2500;

/** The large view over the page; one for each opening, gone when it is closed. */
export class Viewer extends HTMLElement {
    static readonly tag = VIEWER;
    declare static grow: ViewerPart['grow'];
    declare static lend: ViewerPart['lend'];
    private sequence!: Sequence;
    private index = -1;
    private stage!: Stage;
    private address!: Address;
    private playing!: Playing;
    private thumbs: Thumbs | null = null;
    private lent: AbortController | null = null;
    private wordsAsked = false;
    private isClosing = false;
    /** What was clicked while this one was still closing. */
    private next: HTMLAnchorElement | null = null;
    private readonly off = new AbortController();

    static open(link: HTMLAnchorElement): void {
        const open = document.querySelector<Viewer>(VIEWER);
        if (open) return open.comesAfter(link);
        const viewer = document.createElement(VIEWER) as Viewer;
        document.body.append(viewer);
        viewer.show(sequenceOf(link), link);
    }

    /** Two at once would share one way back. */
    private comesAfter(link: HTMLAnchorElement): void {
        if (this.isClosing) this.next = link;
    }

    disconnectedCallback(): void {
        this.off.abort();
        this.playing.stop();
    }

    private show(sequence: Sequence, link: HTMLAnchorElement): void {
        const root = this.attachShadow({ mode: 'open' });
        adopt(root, STYLE);
        fill(root, MARKUP);
        this.sequence = sequence;
        const { settings, say, slides } = sequence;
        label(root, say);
        dress(this.dialog, sequence);
        this.address = new Address(this.has('share'));
        this.playing = new Playing(
            settings.seconds,
            () => this.plays(),
            () => this.isHeld,
            (isOn) => turn(this.inner('.play'), isOn ? 'pause' : 'play', say),
        );
        const events = { turn: this.follow.bind(this), close: this.close.bind(this), zoomed: this.zoomed.bind(this) };
        this.stage = new Stage(this.inner('.stage'), slides, settings, say, events, this.off.signal);
        if (this.has('thumbs')) this.thumbs = new Thumbs(this.inner('.thumbs'), slides, say, (index) => this.turnTo(index));
        this.listen();
        keepInSight(this.dialog, this.off.signal);
        this.dialog.showModal();
        const index = Math.max(
            0,
            slides.findIndex((slide) => slide.link === link),
        );
        this.address.open(slides[index]?.id ?? '');
        this.turnTo(index, 0);
        this.inner('.close').focus();
        const { frame } = this.stage;
        fly(frame?.element, link.querySelector('img')?.getBoundingClientRect(), frame?.box, { opacity: 0.6 });
        if (this.has('starts')) this.playing.start();
    }

    private has(what: string): boolean {
        return this.sequence.settings.has.includes(what);
    }

    private get dialog(): HTMLDialogElement {
        return this.inner<HTMLDialogElement>('dialog');
    }

    private get slide(): Slide | undefined {
        return this.sequence.slides[this.index];
    }

    private inner<T extends HTMLElement = HTMLElement>(selector: string): T {
        return this.shadowRoot?.querySelector(selector) as T;
    }

    private listen(): void {
        const { signal } = this.off;
        const acts: Record<string, () => void> = {
            close: () => this.close(),
            next: () => this.follow('next'),
            previous: () => this.follow('previous'),
            in: () => this.stage.zoomTo(this.stage.scale * STEP),
            out: () => this.stage.zoomTo(this.stage.scale / STEP),
            play: () => this.playing.turn(!this.playing.isOn),
            full: () => void fillScreen(this.dialog),
            share: () =>
                void share(this.slide?.title || this.sequence.settings.name, this.address.of(this.slide?.id ?? ''), this.sequence.say, (what) =>
                    this.say(what),
                ),
            words: () => this.askWords(),
            loupe: () => this.turnLoupe(!this.lent),
        };
        this.dialog.addEventListener(
            'click',
            ({ target }) => {
                const button = (target as Element).closest('button');
                if (button && button.ariaDisabled !== 'true') acts[button.className]?.();
            },
            { signal },
        );
        this.inner('.slider').addEventListener('input', ({ target }) => this.stage.zoomTo(Number((target as HTMLInputElement).value)), { signal });
        const number = (one: number): void => this.turnTo(Math.min(one, this.sequence.slides.length) - 1);
        new Keys(this.dialog, { follow: (intent) => this.follow(intent), number, stage: this.stage }, signal);
        // Escape, and the back gesture of some telephones.
        this.dialog.addEventListener(
            'cancel',
            (event) => {
                event.preventDefault();
                this.close();
            },
            { signal },
        );
        // Some browsers close at a second Escape without a question; filling the screen closes and opens it in one go.
        this.dialog.addEventListener('close', () => this.dialog.open || this.close(), { signal });
        window.addEventListener('popstate', () => this.comesBack(), { signal });
    }

    private follow(intent: Intent, drawn?: number): void {
        const index = indexAfter(intent, this.index, this.sequence.slides.length, this.has('again'));
        if (intent && index !== this.index) this.turnTo(index, intent === 'next' || intent === 'last' ? 1 : -1, drawn);
    }

    private plays(): boolean {
        const index = indexAfter('next', this.index, this.sequence.slides.length, this.has('repeats'));
        if (index === this.index) return false;
        this.turnTo(index, 1, this.has('fades') ? 'fade' : 'at once');
        return true;
    }

    /** Back or forth in the history, or by an address that was written by hand. */
    private comesBack(): void {
        const index = this.isClosing ? -1 : this.sequence.slides.findIndex(({ id }) => id && `#${id}` === location.hash);
        if (index < 0) this.leave();
        else this.turnTo(index);
    }

    private turnTo(index: number, by = Math.sign(index - this.index), how: 'at once' | 'fade' | number = 'at once'): void {
        const slide = this.sequence.slides[index];
        if (!slide || index === this.index) return;
        if (this.index >= 0) this.address.turn(slide.id);
        this.index = index;
        this.turnLoupe(false);
        fillWords(this.inner('.said'), slide, () => this.leave());
        this.showWords();
        this.stage.go(index, by || 1, how || 'at once');
        this.thumbs?.show(index);
        this.tell(slide, index);
        const download = this.inner<HTMLAnchorElement>('.download');
        download.hidden = slide.get === '';
        download.href = slide.get;
        download.download = slide.name;
        this.playing.wait();
    }

    /** Number, name and words, for the eye and the ear; buttons that lead nowhere say so. */
    private tell(slide: Slide, index: number): void {
        const { slides, say } = this.sequence;
        const values = { n: index + 1, m: slides.length };
        const name = nameOf(slide, say, index + 1, slides.length);
        this.inner('.count').textContent = say('count', values);
        const counted = say('picture', values);
        // Told a moment later, so that it is heard after the name of the dialog.
        setTimeout(() => (this.inner('.live').textContent = toldOf(name === counted ? name : `${counted}. ${name}`, slide)), 80);
        const ends = !this.has('again');
        this.inner('.previous').ariaDisabled = String(ends && index === 0);
        this.inner('.next').ariaDisabled = String(ends && index === slides.length - 1);
    }

    private showWords(): void {
        const said = this.inner('.said');
        said.hidden = said.childElementCount === 0 || (this.sequence.settings.words === 'asked' && !this.wordsAsked);
        const button = this.inner('.words');
        button.ariaExpanded = String(this.wordsAsked);
        button.ariaDisabled = String(said.childElementCount === 0);
        // What has to be scrolled must be reached by keyboard; that is seen once it is laid out.
        requestAnimationFrame(() => (said.tabIndex = said.scrollHeight > said.clientHeight + 1 ? 0 : -1));
    }

    private askWords(): void {
        this.wordsAsked = !this.wordsAsked;
        this.showWords();
    }

    private zoomed(scale: number, most: number): void {
        this.inner('.in').ariaDisabled = String(scale >= most - 0.001);
        this.inner('.out').ariaDisabled = String(scale <= 1.001);
        const slider = this.inner<HTMLInputElement>('.slider');
        slider.max = String(most);
        slider.value = String(scale);
        slider.disabled = most <= 1;
        slider.ariaValueText = `${Math.round(scale * 100)} %`;
    }

    /** A slideshow stands still under the pointer, with the focus elsewhere than on its button, while words are open or it is enlarged. */
    private get isHeld(): boolean {
        const focused = this.shadowRoot?.activeElement;
        const isElsewhere = Boolean(focused?.matches(':focus-visible') && !focused.matches('.play'));
        const isPointed = matchMedia('(hover: hover)').matches && this.shadowRoot?.querySelector(':is(.stage,.said):hover') !== null;
        return isElsewhere || isPointed || this.wordsAsked || this.stage.scale > 1;
    }

    private turnLoupe(isOn: boolean): void {
        this.lent?.abort();
        this.lent = isOn ? new AbortController() : null;
        if (this.lent) lendOver(this.stage, this.sequence.settings.loupe, this.dialog, this.lent.signal);
        this.inner('.loupe').ariaPressed = String(isOn);
    }

    /** For the eye as well as the ear, for a while. */
    private say(what: string): void {
        const count = this.inner('.count');
        this.inner('.live').textContent = what;
        const before = count.textContent;
        count.hidden = false;
        count.textContent = what;
        setTimeout(() => {
            if (count.textContent === what) count.textContent = before;
            count.hidden = !this.has('count');
        }, TOLD);
    }

    /** By way of the history, so that "back" and "close" come to the same; it takes its time, and asked twice it would leave the page. */
    private close(): void {
        if (this.isClosing) return;
        this.isClosing = true;
        if (!this.address.close()) this.leave();
    }

    private leave(): void {
        if (!this.isConnected) return;
        const link = this.slide?.link;
        const box = this.stage.frame?.box;
        this.turnLoupe(false);
        if (document.fullscreenElement) void document.exitFullscreen();
        this.dialog.close();
        this.remove();
        link?.focus({ preventScroll: true });
        link?.scrollIntoView({ block: 'nearest', behavior: 'instant' });
        this.address.left();
        const image = link?.querySelector('img') ?? undefined;
        // The tile takes it back; what it flies over can be clicked.
        fly(image, box, image?.getBoundingClientRect(), { opacity: 0, pointerEvents: 'none' });
        if (this.next) Viewer.open(this.next);
    }
}

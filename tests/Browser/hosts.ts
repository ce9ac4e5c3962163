import type { Page } from '@playwright/test';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { studioApi } from './support';

/** A page of somebody else's: what stands around what was copied. */
export interface Host {
    head?: string;
    html?: string;
    /** The whole body, with the place marked. */
    body?: string;
    quirks?: boolean;
    headers?: (policy: string[]) => Record<string, string>;
    /** It is drawn larger or smaller than it is laid out. */
    isTransformed?: boolean;
}

const PLACE = '<!-- here -->';

const style = (css: string): string => `<style>${css}</style>`;

/** Pages that mean no good, or do not think of others. */
export const HOSTS: Record<string, Host> = {
    'a plain page': {},
    resets: {
        head: style('*,*::before,*::after{margin:0;padding:0;box-sizing:border-box;border:0 solid}img,video{max-width:100%;height:auto}ul{list-style:none}'),
    },
    'rules for every picture, list and link': {
        head: style(
            'img{border:9px solid red;border-radius:40px;max-width:55%;filter:sepia(1);margin:20px}li{display:list-item;list-style:square;margin-left:50px;float:left}a{padding:10px;border-bottom:3px solid}ul{padding:40px}p::before{content:"· "}h2{font-size:60px}',
        ),
    },
    'all: unset': { head: style('body *{all:unset}') },
    'a root of 40 px': { head: style('html{font-size:40px}body{font-size:1rem}img{width:10rem}') },
    transforms: { head: style('main{transform:scale(.8) translateZ(0);transform-origin:0 0}'), isTransformed: true },
    'a row of boxes': { body: `<main style="display:flex;gap:10px"><p style="flex:none">Aside</p>${PLACE}</main>` },
    'a grid': { body: `<main style="display:grid;grid-template-columns:minmax(0,1fr) 120px;gap:10px"><section>${PLACE}</section><p>Aside</p></main>` },
    'a table': { body: `<main><table width="100%"><tr><td width="80">Aside</td><td>${PLACE}</td></tr></table></main>` },
    'quirks mode': { quirks: true, head: style('table{width:100%}') },
    'another base': { head: '<base href="https://nowhere.example/deep/">' },
    'words from right to left': { html: ' dir="rtl" lang="ar"' },
    'variables of its own': { head: style(':root{--c:red;--h:10px;--r:9;--w:50px;--at:0 0;--s:3;--p:40;--f:2;--k:1;--y:1;--m:2;--o:10px;--l:7}') },
    'a policy with nonces': { headers: (policy) => ({ 'Content-Security-Policy': `default-src 'none'; ${policy.join('; ')}` }) },
    'trusted types': { headers: () => ({ 'Content-Security-Policy': "require-trusted-types-for 'script'; trusted-types zinc-pane" }) },
    'pages that let in only who says so': { headers: () => ({ 'Cross-Origin-Embedder-Policy': 'require-corp', 'Cross-Origin-Opener-Policy': 'same-origin' }) },
};

/** The page whole. */
export function pageOf(
    { head = '', html = ' lang="en"', body = `<main><h1>Elsewhere</h1>${PLACE}<p id="after">After</p></main>`, quirks = false }: Host,
    pieces: string[],
): string {
    const [first, second] = pieces.length > 1 ? pieces : ['', pieces[0]];
    return `${quirks ? '' : '<!doctype html>'}<html${html}><head><meta charset="utf-8"><title>Elsewhere</title><meta name="viewport" content="width=device-width">${head}${first}</head><body>${body.replace(PLACE, () => second ?? '')}</body></html>`;
}

/** A server of pages, by their paths; and its address. */
export async function serve(pages: Record<string, { html: string; headers?: Record<string, string> }>): Promise<{ server: Server; address: string }> {
    const server = createServer((request, answer) => {
        const page = pages[request.url ?? ''];
        answer.writeHead(page ? 200 : 404, { 'Content-Type': 'text/html; charset=utf-8', ...page?.headers }).end(page?.html ?? '');
    });
    await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
    return { server, address: `http://127.0.0.1:${(server.address() as AddressInfo).port}` };
}

export interface Kind {
    kind: string;
    pieces: { place: string; text: string }[];
    policy: string[];
    survives: string[];
}

export async function kindsOf(page: Page, id: string, width = 0): Promise<Kind[]> {
    const api = await studioApi(page);
    return (await api<{ kinds: Kind[] }>('GET', `galleries/${id}/elsewhere?width=${width}`)).kinds;
}

/** What a site makes of an address that it is given. */
export async function unfolded(page: Page, kinds: Kind[]): Promise<Kind[]> {
    return Promise.all(
        kinds.map(async (kind) => {
            if (kind.kind !== 'oembed') return kind;
            const answer = await page.request.get(`/oembed?format=json&maxwidth=600&url=${encodeURIComponent(kind.pieces[0]?.text ?? '')}`);
            return { ...kind, pieces: [{ place: '', text: ((await answer.json()) as { html: string }).html }] };
        }),
    );
}

/** Before anything else on a page: how far what is there is moved by what comes later. */
export const WATCH_SHIFT =
    'window.shifted = 0; window.shifts = []; new PerformanceObserver((list) => { for (const e of list.getEntries()) { window.shifted += e.value; window.shifts.push(e.sources?.map(({ node }) => node?.outerHTML?.slice(0, 80)).join(" | ") + " " + e.value); } }).observe({ type: "layout-shift", buffered: true });';

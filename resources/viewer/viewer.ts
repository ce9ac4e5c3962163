import { lendLoupe } from './controllers/tile-loupe';
import { grow } from './elements/grown';
import { Viewer } from './elements/viewer';

// Defined once, however often the file is on a page.
if (!customElements.get(Viewer.tag)) {
    Object.assign(Viewer, { grow, lend: lendLoupe });
    customElements.define(Viewer.tag, Viewer);
}

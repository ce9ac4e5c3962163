import { begin } from './begin';
import { tellHeight } from './frame';
import { fetchesFrom } from './base/loader';

// What pages of the site itself run, and frames of it elsewhere.
fetchesFrom((document.currentScript as HTMLScriptElement | null)?.dataset['viewer'] ?? '');
if (begin()) tellHeight();

import '@fontsource/atkinson-hyperlegible/latin-400.css';
import '@fontsource/atkinson-hyperlegible/latin-700.css';
import '@fontsource/ibm-plex-mono/latin-400.css';
import '@fontsource/ibm-plex-mono/latin-500.css';
import Alpine from '@alpinejs/csp';
import htmx from 'htmx.org';
import { Idiomorph } from 'idiomorph';
import { keepAwaited } from './awaited';
import { board } from './board';
import { moveOnCalendar } from './calendar';
import { keepDraft } from './draft';
import { startDropping } from './dropping';
import { keepFrame } from './frame';
import { moveOnHorizon } from './horizon';
import { keepJump } from './jump';
import { levels } from './levels';
import { listEditor } from './list-editor';
import { marking } from './marking';
import { scanning } from './scanning';
import { scheduleForm } from './schedule-form';
import { signing } from './signing';
import { smallThings } from './small';
import { reporting } from './reporting';
import { reviewByKeys } from './review';
import { roundOrder } from './sorting';
import { tablet } from './tablet';
import { keepTree } from './tree';

window.htmx = htmx;

// Changes the page only where it differs, so that lists keep their place and fields their focus.
htmx.defineExtension('morph', {
    isInlineSwap: () => false,
    handleSwap: (style, target, fragment) =>
        style.startsWith('morph') ? Idiomorph.morph(target, fragment.children, { morphStyle: 'innerHTML' }) : false,
});

Alpine.data('board', board);
Alpine.data('levels', levels);
Alpine.data('listEditor', listEditor);
Alpine.data('marking', marking);
Alpine.data('scanning', scanning);
Alpine.data('reporting', reporting);
Alpine.data('roundOrder', roundOrder);
Alpine.data('scheduleForm', scheduleForm);
Alpine.data('signing', signing);
Alpine.data('tablet', tablet);
keepFrame(htmx);
keepAwaited(htmx);
moveOnCalendar(htmx);
moveOnHorizon(htmx);
keepJump(htmx);
keepTree(htmx);
keepDraft(htmx);
startDropping();
smallThings();
reviewByKeys();
Alpine.start();

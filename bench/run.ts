/** `npm run bench`: the figures of the README, each with a baseline measured in the same run. */
import { benchBrowser } from './browser';
import { benchEvidence } from './evidence';
import { benchInstruments } from './instruments';
import { benchPdf } from './pdf';
import { benchSayings } from './sayings';
import { benchSheets } from './sheets';
import { benchStore } from './store';

await benchPdf();
await benchSheets();
await benchInstruments();
await benchSayings();
await benchEvidence();
await benchStore();
await benchBrowser(process.env.BENCH_BASE!);

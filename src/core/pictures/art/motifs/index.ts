import { type Motif } from '../motif';
import { craft } from './craft';
import { home } from './home';
import { kitchen } from './kitchen';
import { play } from './play';
import { wear } from './wear';

/** Things that small shops sell, drawn flat. */
export const motifs: readonly Motif[] = [...kitchen, ...home, ...wear, ...craft, ...play];

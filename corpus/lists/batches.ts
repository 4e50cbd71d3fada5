import { batch1 } from './batch1';
import { batch11 } from './batch11';
import { batch12 } from './batch12';
import { batch13 } from './batch13';
import { batch14 } from './batch14';
import { batch15 } from './batch15';
import { batch16 } from './batch16';
import { batch17 } from './batch17';
import { batch18 } from './batch18';
import { batch19 } from './batch19';
import { batch20 } from './batch20';
import { batch21 } from './batch21';
import { batch22 } from './batch22';
import { batch23 } from './batch23';
import { batch24 } from './batch24';
import { batch2 } from './batch2';
import { batch3 } from './batch3';
import { batch4 } from './batch4';
import { batch5 } from './batch5';
import { batch6 } from './batch6';
import { batch7 } from './batch7';
import { batch8 } from './batch8';
import { batch9 } from './batch9';
import { batch10 } from './batch10';
import { type ListCase } from './case';
import { frozen } from './frozen';

/** Batches in the order in which they were written. */
export const batches: readonly { name: string; lists: readonly ListCase[] }[] = [
  { name: '1', lists: batch1 },
  { name: '2', lists: batch2 },
  { name: '3', lists: batch3 },
  { name: '4', lists: batch4 },
  { name: '5', lists: batch5 },
  { name: '6', lists: batch6 },
  { name: '7', lists: batch7 },
  { name: '8', lists: batch8 },
  { name: '9', lists: batch9 },
  { name: '10', lists: batch10 },
  { name: '11', lists: batch11 },
  { name: '12', lists: batch12 },
  { name: '13', lists: batch13 },
  { name: '14', lists: batch14 },
  { name: '15', lists: batch15 },
  { name: '16', lists: batch16 },
  { name: '17', lists: batch17 },
  { name: '18', lists: batch18 },
  { name: '19', lists: batch19 },
  { name: '20', lists: batch20 },
  { name: '21', lists: batch21 },
  { name: '22', lists: batch22 },
  { name: '23', lists: batch23 },
  { name: '24', lists: batch24 },
  { name: 'frozen', lists: frozen },
];

import { type Address } from '@/core/places';

/** How the window, its slip and the script that sets texts speak with each other. */

/** A text that is being set, after each key. */
export interface SettingState {
  place: Address;
  sets: 'line' | 'marked' | 'prose';
  /** As it would be kept, in the notation of `core/prose`. */
  text: string;
  words: number;
  /** Characters more than fit. */
  over: number;
  em: boolean;
  strong: boolean;
  list: 'list' | 'steps' | null;
  /** Where the words at the caret lead. */
  lead: string | null;
  /** Whether some words are selected. */
  selected: boolean;
}

/** What the slip does to a text that is being set. */
export type SetAct =
  | { do: 'em' }
  | { do: 'strong' }
  | { do: 'list' }
  | { do: 'steps' }
  /** Makes the selected words lead somewhere; null where they no longer do. */
  | { do: 'link'; lead: string | null }
  /** Puts another text in its place. */
  | { do: 'text'; text: string };

/** How setting ended: with a text to be kept, with none, or not at all, as it is too long. */
export type Ended = { kind: 'wrote'; place: Address; text: string } | { kind: 'as-it-was' } | { kind: 'over' };

export interface Setting {
  element: HTMLElement;
  place: Address;
  run: (act: SetAct) => void;
  focus: () => void;
  end: () => Ended;
}

export type FromSetting =
  | { kind: 'setting'; state: SettingState }
  /** Its words are to lead somewhere: the slip asks where. */
  | { kind: 'linking'; state: SettingState }
  | { kind: 'close' }
  | { kind: 'leave' }
  | { kind: 'undo' };

export type OpenSetting = (
  element: HTMLElement,
  options: {
    place: Address;
    sets: SettingState['sets'];
    /** How it is called. */
    label: string;
    /** Characters beyond which it is not kept. */
    most: number;
    /** What the seller is asked where nothing stands there yet; null where something does. */
    prompt: string | null;
    /** Where it was pressed; null where the keyboard opened it. */
    at: { left: number; top: number } | null;
    tell: (message: FromSetting) => void;
  },
) => Setting;

declare global {
  /** There once the script is. */
  var arcatumSetting: OpenSetting | undefined;
  /** Of the window: ends what is being set there. */
  var arcatumFinish: (() => Ended) | undefined;
}

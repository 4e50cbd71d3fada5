import { z } from 'zod';
import { moodOf, type Reading } from '../brief';
import { type Decided } from '../project';
import { faceById, faces, type Face } from './faces';
import { familiesFor, familyById, type Family } from './families';
import { makePalette, type Palette } from './palette';
import { makeScale, type TypeScale } from './type';

/** How a shop looks: everything that its styles follow from. */
export interface Look {
  family: Family;
  palette: Palette;
  heading: Face;
  text: Face;
  scale: TypeScale;
  /** Why it looks like that, in words. */
  because: { family: string; palette: string; type: string };
}

const hex = z.string().regex(/^#[0-9a-f]{6}$/);

/** A look from the brief's moods and colours, with the seller's decisions laid over. */
export function makeLook(reading: Reading, decided: Decided, seed: number): Look {
  const tone = reading.tone.map((fact) => fact.value);
  const mood = moodOf(tone);
  const fitting = familiesFor(mood)[0];
  const chosen = familyById(decided.at('look/family', z.string()) ?? '');
  const family = chosen ?? fitting;
  if (!family) throw new Error('The registry of families is empty.');
  const mix = decided.at('look/mix', z.number()) ?? 0;
  const picks = {
    accent: decided.at('look/accent', hex),
    second: decided.at('look/second', hex),
    ground: decided.at('look/ground', hex),
  };
  // A colour that the brief refuses elsewhere is left out until the seller has said which holds.
  const wanted = reading.coloursWanted.filter((fact) => fact.confidence >= 0.5).map((fact) => fact.value);
  // Mixing again keeps the asked-for colours and gives them other roles.
  const turned = wanted.length ? [...wanted.slice(mix % wanted.length), ...wanted.slice(0, mix % wanted.length)] : [];
  const palette = makePalette({
    wanted: turned.map((colour) => colour.hex),
    avoided: reading.coloursAvoided.map((fact) => fact.value.hex),
    mood,
    groundLightness: family.ground.lightness,
    groundTint: family.ground.tint,
    seed: seed + mix * 101,
    ...picks,
  });
  const heading = faceById(decided.at('look/heading', z.string()) ?? '') ?? faceFor(family.headings);
  const text = faceById(decided.at('look/text', z.string()) ?? '') ?? faceFor(family.texts);
  const picked = Object.values(picks).some(Boolean);
  return {
    family,
    palette,
    heading,
    text,
    scale: makeScale(text, heading, family.ratio),
    because: {
      family: chosen
        ? 'You chose it.'
        : tone.length
          ? `It is nearest to “${tone.join(', ')}”.`
          : 'The brief names no mood; this one suits most goods.',
      palette: picked
        ? 'You chose one or more of these colours.'
        : wanted.length
          ? `The brief asks for ${wanted.map((c) => c.name).join(' and ')}.`
          : 'The brief names no colour; these follow from its mood.',
      type: decided.has('look/heading') || decided.has('look/text') ? 'You chose it.' : `These faces suit ${family.name}.`,
    },
  };
}

function faceFor(ids: readonly string[]): Face {
  const face = ids.map(faceById).find((found) => found !== undefined) ?? faces[0];
  if (!face) throw new Error('The registry of faces is empty.');
  return face;
}

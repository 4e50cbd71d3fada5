'use client';

import { createGlobalStyle } from 'styled-components';
import { faces, genericOf } from '@/core/look/page';
import { type Face } from '@/core/look';

/** Every face that ships, for showing it in its own shape. The browser fetches only those that are seen. */
export const FaceStyles = createGlobalStyle`
  ${faces
    .map((face) => {
      const file = face.measures.subsets.find(({ subset }) => subset === 'latin')?.files[0]?.file ?? '';
      const weights = face.measures.weights.includes(',') ? '400' : face.measures.weights;
      return `@font-face{font-family:"${face.name}";src:url("/fonts/${file}") format("woff2");font-weight:${weights};font-display:swap}`;
    })
    .join('')}
`;

export const stackOf = (face: Face): string => `"${face.name}", ${genericOf(face)}`;

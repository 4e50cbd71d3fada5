import { countryOfTaxNumber } from '@/core/till';

/** At the checkout of a shop that asks for the tax numbers of businesses. */
globalThis.arcatumTaxNumber = countryOfTaxNumber;

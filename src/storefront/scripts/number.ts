import { countryOfTaxNumber } from '@/core/till/taxNumber';

/** At the checkout of a shop that asks for the tax numbers of businesses. */
globalThis.arcatumTaxNumber = countryOfTaxNumber;

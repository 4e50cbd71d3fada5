import { z } from 'zod';
import { fail, ok, type Result } from '../result';
import { longestName } from '../places';
import { type Product, type Variant } from './about';
import { meanings } from './columns/meaning';
import { type Mapping, type Proposal } from './proposal';

const mendedCellSchema = z.strictObject({
  sheet: z.string().default(''),
  row: z.number().int(),
  column: z.number().int(),
  was: z.string(),
  is: z.string(),
});

const mappingSchema = z.strictObject({
  columns: z.record(z.string(), z.enum(meanings)).default({}),
  names: z.record(z.string(), z.string().max(longestName)).default({}),
  answers: z.record(z.string(), z.string()).default({}),
  cells: z.array(mendedCellSchema).default([]),
});

/** What a caller says of a list: meanings of columns by their headings, answers by the ids of questions. */
export function readMapping(value: unknown): Result<Mapping> {
  const read = mappingSchema.safeParse(value);
  if (read.success) return ok(read.data);
  const [issue] = read.error.issues;
  const at = issue?.path.join('.') ?? '';
  return fail(
    `The mapping is not { "columns": { heading: meaning }, "names": { heading: name }, "answers": { question: choice }, "cells": [{ sheet, row, column, was, is }] }${at ? `: look at “${at}”` : ''}. A meaning is one of ${meanings.join(', ')}.`,
  );
}

/** A reading of a list as the command line prints it. Prices are in minor units and weights in grams; null is what was not taken. */
export function listReport({ form, encoding, headerRow, currency, columns, products, problems, questions, counts }: Proposal) {
  return {
    form,
    encoding,
    headerRow,
    currency: currency.code ? { code: currency.code, because: currency.because } : null,
    columns: columns.map(({ heading, key, index, as, name, because, sure }) => ({
      heading,
      key,
      index,
      as,
      ...(as === 'option' || as === 'particular' ? { name } : {}),
      because,
      sure,
    })),
    products: products.map((product) => ({
      id: product.id,
      title: product.title,
      categories: product.categories,
      options: product.options,
      particulars: product.particulars,
      variants: product.variants.map((variant) => reportOf(variant, product, currency)),
    })),
    problems: problems
      .filter(({ kind }) => kind !== 'look')
      .map(({ sheet, row, column, found, say, kind }) => ({ ...(sheet ? { sheet } : {}), row, column, found, say, did: kind })),
    notes: problems
      .filter(({ kind }) => kind === 'look')
      .map(({ sheet, row, column, say }) => ({ ...(sheet ? { sheet } : {}), row, column, say })),
    questions,
    counts,
  };
}

/** Amounts whose money is not known are in no minor units; a sign that several moneys share says at least how they are counted. */
function reportOf(variant: Variant, product: Product, { code, choices }: Proposal['currency']) {
  const isCounted = code !== null || choices.length > 0;
  const { values, sku, gtin, price, earlierPrice, cost, stock, weight, picture } = variant;
  return {
    values,
    sku,
    gtin,
    price: isCounted ? price : null,
    currency: code,
    earlierPrice: isCounted ? earlierPrice : null,
    cost: isCounted ? cost : null,
    stock,
    weight: weight || null,
    pictures: picture ? [picture, ...product.pictures.filter((name) => name !== picture)] : product.pictures,
  };
}

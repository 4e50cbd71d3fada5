import { type z } from 'zod';
import { listed } from './says';

const forms: Readonly<Record<string, string>> = {
  string: 'a text',
  number: 'a number',
  int: 'a whole number',
  boolean: 'yes or no',
  array: 'a list',
  object: 'an object with its parts',
  record: 'an object with its parts',
};

/** Where inside a value something doesn't fit: 'codes 2, amount'. */
const within = (path: readonly PropertyKey[] | undefined): string =>
  path?.length ? `${path.map((part) => (typeof part === 'number' ? `number ${part + 1}` : String(part))).join(', ')}: ` : '';

/** What is wrong with a value, in a sentence for people who don't read code. Schemas that say it themselves are not asked. */
export const misfit: z.core.$ZodErrorMap = (issue) => {
  const say = sentence(issue);
  return say === undefined ? undefined : `${within(issue.path)}${say}`;
};

function sentence(issue: z.core.$ZodRawIssue): string | undefined {
  switch (issue.code) {
    case 'too_big':
      return issue.origin === 'string'
        ? `it is longer than ${issue.maximum} characters`
        : issue.origin === 'array'
          ? `there are more than ${issue.maximum}`
          : `it is above ${issue.maximum}`;
    case 'too_small':
      return issue.origin === 'string'
        ? 'it is empty'
        : issue.origin === 'array'
          ? `there are fewer than ${issue.minimum}`
          : `it is below ${issue.minimum}`;
    case 'invalid_value':
      return issue.values.length === 1
        ? `it is not ${String(issue.values[0])}`
        : `it is none of ${listed(issue.values.map(String))}`;
    case 'invalid_type':
      return `it is not ${forms[issue.expected] ?? `of the kind ${issue.expected}`}`;
    case 'unrecognized_keys':
      return `nothing is called ${listed(issue.keys)} there`;
    case 'invalid_format':
    case 'invalid_union':
      return 'it is not written in a way that is understood here';
    default:
      return undefined;
  }
}

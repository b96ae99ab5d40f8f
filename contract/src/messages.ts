import type { ValidationError } from 'joi';

/** One thing that is wrong with a request, and where: a JSON pointer (RFC 6901). */
export interface FieldError {
  readonly pointer: string;
  readonly detail: string;
}

/** An answer that says what went wrong (RFC 9457, application/problem+json). */
export interface ProblemDetails {
  readonly type: string;
  readonly title: string;
  readonly status: number;
  readonly detail: string;
  readonly errors?: readonly FieldError[];
}

/** What is wrong in plain words, a pointer for each place. */
export function fieldErrors(error: ValidationError): FieldError[] {
  return error.details.map((detail) => ({
    pointer: detail.path.map((part) => `/${String(part).replaceAll('~', '~0').replaceAll('/', '~1')}`).join(''),
    detail: detail.message,
  }));
}

/** Joi's messages in the words of this product. */
export const plainMessages = {
  'any.required': 'This is missing.',
  'any.only': 'This must be one of {{#valids}}.',
  'any.unknown': 'This is not known here.',
  'object.unknown': 'This is not known here.',
  'object.base': 'This must be an object.',
  'array.base': 'This must be a list.',
  'array.max': 'There are too many: at most {{#limit}}.',
  'array.min': 'There are too few: at least {{#limit}}.',
  'array.unique': 'This stands twice; each must be different.',
  'string.base': 'This must be text.',
  'string.empty': 'This must not be empty.',
  'string.max': 'This is too long: at most {{#limit}} characters.',
  'string.min': 'This is too short: at least {{#limit}} characters.',
  'string.pattern.base': 'This cannot be read here; check how it is written.',
  'string.guid': 'This is not an id.',
  'number.base': 'This must be a number, like 12.5.',
  'number.integer': 'This must be a whole number.',
  'number.min': 'This must be {{#limit}} or more.',
  'number.max': 'This must be {{#limit}} or less.',
  'number.greater': 'This must be more than {{#limit}}.',
  'number.unsafe': 'This number is too large.',
  'number.infinity': 'This must be a number, like 12.5.',
  'boolean.base': 'This must be true or false.',
  'date.calendar': 'This is not a date that exists, like 2026-04-14.',
  'moment.calendar': 'This is not a date or date-time, like 2026-04-14 or 2026-04-14T09:30:00Z.',
} as const;

import type { FieldError, ProblemDetails } from '@fern/contract';

const titles: Record<number, string> = {
  400: 'The request cannot be read',
  401: 'Sign in first',
  403: 'Not allowed',
  404: 'Not found',
  405: 'Not done at this address',
  409: 'Changed in the meantime',
  413: 'Too large',
  415: 'The wrong kind of file',
  421: 'Not under this name',
  422: 'Something in it is wrong',
  429: 'Too many attempts',
  500: 'Something went wrong here',
  507: 'The disk is full',
};

/** An error that is answered as problem+json. */
export class ProblemError extends Error {
  readonly problem: ProblemDetails;

  constructor(status: number, detail: string, errors?: readonly FieldError[]) {
    super(detail);
    this.problem = { type: 'about:blank', title: titles[status] ?? 'Problem', status, detail, ...(errors ? { errors } : {}) };
  }
}

export const notFound = () => new ProblemError(404, 'There is nothing here under this address, or it is not yours.');

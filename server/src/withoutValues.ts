interface Called {
  readonly method?: string;
  readonly url?: string;
}

/** What the log says of a call and of what went wrong: never what somebody typed, who they are, or a word of an error that may quote it. */
export const withoutValues = {
  req: ({ method, url }: Called) => ({ method, path: url?.replace(/\?.*/, '').replace(/(\/people\/)[^/]+/, '$1…') }),
  res: ({ statusCode }: { readonly statusCode?: number }) => ({ status: statusCode }),
  err: (error: unknown) => {
    if (!(error instanceof Error)) return { name: typeof error };
    const code = 'code' in error && typeof error.code === 'string' ? error.code : undefined;
    return {
      name: error.name,
      code,
      stack: error.stack
        ?.split('\n')
        .filter((line) => /^\s+at /.test(line))
        .join('\n'),
    };
  },
};

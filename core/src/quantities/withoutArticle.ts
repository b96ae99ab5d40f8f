/**
 * "kind of water" of "the kind of water", to stand behind another article.
 * @param text as typed
 */
export const withoutArticle = (text: string): string => text.replace(/^(the|an?) /, '');

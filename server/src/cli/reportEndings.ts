/** Endings that a report's file can have. */
export const reportEndings = ['.docx', '.pdf', '.html', '.md'] as const;
export type ReportEnding = (typeof reportEndings)[number];

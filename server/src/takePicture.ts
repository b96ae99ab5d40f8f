import type { ErrorRequestHandler, RequestHandler } from 'express';
import multer, { MulterError } from 'multer';
import { ProblemError } from './ProblemError';

const MOST_MEGABYTES = 20;
const upload = multer({
  storage: multer.memoryStorage(),
  limits: { fileSize: MOST_MEGABYTES * 1024 * 1024, files: 1, fields: 1, fieldSize: 64 * 1024, parts: 2 },
}).single('picture');

const inWords: ErrorRequestHandler = (error, _request, _response, next) => {
  if (!(error instanceof MulterError)) return next(error);
  if (error.code === 'LIMIT_FILE_SIZE')
    throw new ProblemError(413, `This photo is larger than ${MOST_MEGABYTES} MB. Nothing was stored: make it smaller, or send another.`);
  throw new ProblemError(422, 'Send one photo with its words, and nothing else. Nothing was stored.');
};

/**
 * Takes a form of a photo and what is said of it; the body is then what is said, and the file the photo.
 * @param reviver of the JSON, which refuses what cannot be stored
 */
export function takePicture(reviver: (key: string, value: unknown) => unknown): readonly (RequestHandler | ErrorRequestHandler)[] {
  const readEntry: RequestHandler = (request, _response, next) => {
    const { entry } = (request.body ?? {}) as { entry?: unknown };
    if (request.file === undefined || typeof entry !== 'string')
      throw new ProblemError(422, 'Send a photo as a form with two parts: its words (entry, as JSON) and the picture. Nothing was stored.');
    try {
      request.body = JSON.parse(entry, reviver);
    } catch {
      throw new ProblemError(400, 'What is said of the photo cannot be read: it is not JSON as expected. Nothing was stored.');
    }
    next();
  };
  return [upload, readEntry, inWords];
}

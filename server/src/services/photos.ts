import type { ExperimentRecord } from '@fern/contract';
import { livePhotos, photoFields, same, type Photo, itemAt } from '@fern/core';
import { fromRow } from '../models/columns';
import type { Database } from '../openDatabase';
import type { Tables } from '../oneWriter';
import { notFound, ProblemError } from '../ProblemError';
import { getExperiment } from './experiments';
import { remember } from './history';
import { append, refuseEntry } from './log';
import { makePicture, type StoredPicture } from './makePicture';
import { insertRecords } from './records';

/** What the pictures of one experiment may come to, so that its package can be read again. */
export const MOST_PICTURE_BYTES = 60 * 1024 * 1024;

/**
 * Stores a photo with what is said of it. The same again is the same one; its id with another picture or other words is refused.
 * @param sent the picture as it came; what it measures is read off, not believed
 */
export async function addPhoto(database: Database, ownerId: string, experimentId: string, sent: Photo, bytes: Uint8Array): Promise<Photo> {
  // Whoever may not write here does not have a picture made.
  await getExperiment(database, ownerId, experimentId);
  const picture = await makePicture(bytes);
  const photo: Photo = { ...sent, file: `${sent.id}.jpg`, width: picture.width, height: picture.height, replaces: null, withdrawn: false };
  return database.write(async (tables) => {
    const record = await getExperiment(tables, ownerId, experimentId);
    refuseEntry(record.experiment, photo);
    if (!(await isThere(tables, experimentId, photo, picture))) {
      await checkRoom(tables, experimentId, picture);
      await insertRecords(tables, 'photos', [photo], () => ({ experimentId }));
      await insertPicture(tables, experimentId, photo.file, picture);
    }
    return photo;
  });
}

async function isThere({ models, statements }: Tables, experimentId: string, photo: Photo, picture: StoredPicture): Promise<boolean> {
  const row = await models.photos.findOne({ where: { experimentId, id: photo.id }, raw: true });
  if (row === null) return false;
  const made = await statements.all('SELECT 1 FROM pictures WHERE experimentId = ? AND file = ? AND madeFrom = ?', [
    experimentId,
    photo.file,
    picture.madeFrom,
  ]);
  if (made.length > 0 && same(fromRow(photoFields, row), photo)) return true;
  throw new ProblemError(409, 'Another photo is stored under this id already. Nothing was changed.', [
    { pointer: '/id', detail: 'This id already belongs to another photo.' },
  ]);
}

async function checkRoom({ statements }: Tables, experimentId: string, { bytes }: StoredPicture): Promise<void> {
  const { taken } = itemAt(
    await statements.all<{ taken: number }>('SELECT coalesce(sum(length(bytes)), 0) AS taken FROM pictures WHERE experimentId = ?', [
      experimentId,
    ]),
    0,
  );
  if (taken + bytes.length <= MOST_PICTURE_BYTES) return;
  throw new ProblemError(
    422,
    'The photos of this experiment come to 60 MB, which is all that it can take. Nothing was stored: remove one for good, then send this one.',
  );
}

/** Part of a change. */
export function insertPicture({ statements }: Tables, experimentId: string, file: string, picture: StoredPicture): Promise<void> {
  const { bytes, small, madeFrom } = picture;
  return statements.run('INSERT INTO pictures (experimentId, file, bytes, small, madeFrom) VALUES (?, ?, ?, ?, ?)', [
    experimentId,
    file,
    bytes,
    small,
    madeFrom,
  ]);
}

/** Mends what is said of a photo, or withdraws it. It stays the same picture. */
export function revisePhoto(database: Database, ownerId: string, experimentId: string, photo: Photo): Promise<Photo> {
  return append(database, ownerId, experimentId, 'photos', photoFields, photo, async ({ models }) => {
    const before = photo.replaces === null ? null : await models.photos.findOne({ where: { experimentId, id: photo.replaces }, raw: true });
    if (before === null)
      throw new ProblemError(422, 'Name the photo that is mended. A new one comes with its picture. Nothing was stored.');
    const { file, width, height } = fromRow(photoFields, before);
    if (file !== photo.file || width !== photo.width || height !== photo.height)
      throw new ProblemError(422, 'A photo that is mended keeps its picture. Nothing was stored.', [
        { pointer: '/file', detail: `The picture is ${file}, ${width} by ${height}.` },
      ]);
  });
}

/** @param size as it is kept, or for a row of many */
export async function readPicture(
  database: Tables,
  ownerId: string,
  experimentId: string,
  file: string,
  size: 'whole' | 'small',
): Promise<Buffer> {
  await getExperiment(database, ownerId, experimentId);
  const column = size === 'small' ? 'small' : 'bytes';
  const [found] = await database.statements.all<{ picture: Buffer }>(
    `SELECT ${column} AS picture FROM pictures WHERE experimentId = ? AND file = ?`,
    [experimentId, file],
  );
  if (!found) throw notFound();
  return found.picture;
}

/** Takes the picture of a withdrawn photo out of the database for good; what was said of it stays. */
export function removePicture(database: Database, ownerId: string, experimentId: string, file: string): Promise<void> {
  return database.write(async (tables) => {
    const { experiment }: ExperimentRecord = await getExperiment(tables, ownerId, experimentId);
    const rows = await tables.models.photos.findAll({ where: { experimentId }, raw: true });
    const shown = livePhotos({ photos: rows.map((row) => fromRow(photoFields, row)) }).some((photo) => photo.file === file);
    if (shown) throw new ProblemError(409, 'This photo is still shown. Withdraw it first. Nothing was removed.');
    const there = await tables.statements.all('SELECT 1 FROM pictures WHERE experimentId = ? AND file = ?', [experimentId, file]);
    if (there.length === 0) throw notFound();
    await tables.statements.run('DELETE FROM pictures WHERE experimentId = ? AND file = ?', [experimentId, file]);
    await remember(tables, ownerId, { what: 'picture', experimentId, title: experiment.title });
  });
}

import type { Study } from '../model';
import { livePhotos } from '../study/liveEntries';
import type { Problem } from './Problem';
import { tables } from './tables';

/**
 * Photos without a picture. One that was withdrawn needs none.
 * @param study of a package
 * @param there has the picture of such a name
 * @returns a problem for each, with the row of its table
 */
export function missingPictures(study: Pick<Study, 'photos'>, there: (file: string) => boolean): Problem[] {
  const shown = new Set(livePhotos(study).map(({ id }) => id));
  return study.photos.flatMap(({ id, file }, i) =>
    shown.has(id) && !there(file)
      ? [
          {
            file: tables.photos.file,
            row: i + 2,
            column: 'file',
            message: `there is no picture photos/${file}; expected it in the package`,
          },
        ]
      : [],
  );
}

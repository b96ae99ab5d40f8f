import type { Study, WritingPart } from '../model';
import { picturesOf } from '../weigh/picture/picturesOf';
import type { Picture } from '../weigh/picture/Picture';
import type { Result } from '../weigh/Result';
import { shownMeasures } from '../weigh/shownMeasures';
import type { Block } from './Block';
import { photoBlocks } from '../words/write/happened';
import { figureBlock } from './makers';

/**
 * Every picture of a study by its name, for whoever puts one into a part of the report.
 * @returns id to picture, of the measure that decides first
 */
export function picturesByName(study: Study, result: Result): ReadonlyMap<string, Picture> {
  const all = shownMeasures(study, result).flatMap(picturesOf);
  return new Map(all.map((picture) => [picture.id, picture]));
}

/**
 * What the writer put into a part: pictures of the data, and photos.
 * @param study with its photos and the writer's choice
 * @param named the study's pictures by their names
 * @param part of the report
 * @returns in the order in which they were chosen; what is no longer there is left out
 */
export function figuresIn(study: Study, named: ReadonlyMap<string, Picture>, part: WritingPart): Block[] {
  return study.experiment.writing.figures
    .filter((own) => own.part === part)
    .flatMap((own) => {
      const picture = named.get(own.figure);
      return picture ? [figureBlock(picture)] : photoBlocks(study, [own.figure]);
    });
}

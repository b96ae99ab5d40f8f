import { kindOf } from '../kinds';
import type { Experiment } from '../model';

/** Something that must be so for a claim to be able to show itself here, or for a fair test of it. */
export interface MechanismCheck {
  readonly message: string;
  readonly remedy: string;
}

const GROUND = /\b(ground(ed)?|earth(ed)?|soil life|worms|fung(us|i)|mycorrhiza\w*|antenna|aerial)\b/i;
const SKY = /\b(moon\w*|starlight|sky|sun(light)?|atmospher\w*|weather|rain)\b/i;
const AIR = /\b(smell\w*|scent|vapou?r|gas|fumes?|breath\w*|smoke|perfume)\b/i;
const SOUND = /\b(music|sound\w*|sing\w*|talk\w*|speech|noise|vibrat\w*|loud)\b/i;
const REACH = /\b(near|next to|beside|around|companion|neighbou?r\w*|magnet\w*|electric\w*|field|wire|coil|light|lamp)\b/i;
const LOOKS = /\b(rat(e|ing)|by eye|colour|healthy|flavour|taste)\b/i;

/**
 * Whether the place of an experiment lets a claim work as it is said to, and whether it can reach the control.
 * @param experiment with its claim and how that is said to work
 * @returns none where nothing stands against it
 */
export function mechanismChecks({ claim, plan, arms, measures, blinded }: Experiment): MechanismCheck[] {
  const said = [claim ?? '', plan.claimedMechanism, plan.changed, ...arms.map(({ name }) => name)].join(' ');
  const inGround = plan.place === 'bed' || plan.place === 'ground';
  const isOutdoors = inGround || plan.bench.some(({ light }) => light === 'outdoors');
  const notes: (MechanismCheck | null)[] = [
    GROUND.test(said) && !inGround
      ? {
          message: 'It is said to work through the ground, and these stand on a bench.',
          remedy: 'Test it in beds, or write down that the ground had no part in it.',
        }
      : null,
    SKY.test(said) && !isOutdoors
      ? {
          message: 'It is said to come from the sky, and these stand indoors.',
          remedy: 'Put them outdoors, or write down that it could not reach them.',
        }
      : null,
    AIR.test(said)
      ? {
          message: 'What is in the air of one pot reaches the next.',
          remedy: 'Keep the groups in separate boxes or rooms, several of each, or well apart.',
        }
      : null,
    SOUND.test(said)
      ? { message: 'Sound fills a room, so the room is the unit.', remedy: 'Use two rooms and swap them, batch after batch.' }
      : null,
    REACH.test(said) && plan.barriers.length === 0 && !AIR.test(said) && !SOUND.test(said)
      ? { message: 'It could reach the control beside it.', remedy: 'Leave room or a barrier between the groups, and write down how much.' }
      : null,
    measures.some((measure) => measure.primary && (kindOf(measure).byEye || LOOKS.test(measure.name))) && !blinded
      ? { message: 'What is judged by eye follows what one hopes.', remedy: 'Read it blind: give the control a dummy that looks the same.' }
      : null,
  ];
  return notes.filter((note) => note !== null);
}

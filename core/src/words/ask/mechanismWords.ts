import type { Mechanism } from '../../ask/mechanismChecks';
import type { FindingText } from '../findings/says';

/** What each of these says, and what to do about it. */
export const mechanismWords: Readonly<Record<Mechanism, FindingText>> = {
  ground: {
    message: 'It is said to work through the ground, and these stand on a bench.',
    remedy: 'Test it in beds, or write down that the ground had no part in it.',
  },
  sky: {
    message: 'It is said to come from the sky, and these stand indoors.',
    remedy: 'Put them outdoors, or write down that it could not reach them.',
  },
  air: {
    message: 'What is in the air of one pot reaches the next.',
    remedy: 'Keep the groups in separate boxes or rooms, several of each, or well apart.',
  },
  sound: { message: 'Sound fills a room, so the room is the unit.', remedy: 'Use two rooms and swap them, batch after batch.' },
  nearness: {
    message: 'It could reach the control beside it.',
    remedy: 'Leave room or a barrier between the groups, and write down how much.',
  },
  eye: {
    message: 'What is judged by eye follows what one hopes.',
    remedy: 'Read it blind: give the control a dummy that looks the same.',
  },
};

import { isZone } from '@fern/core';

/** The time zone of this browser; empty where it tells none that is known. */
export function ownZone(): string {
  const { timeZone } = new Intl.DateTimeFormat().resolvedOptions();
  return timeZone && isZone(timeZone) ? timeZone : '';
}

/** This minute, as plans count them: where a plan has no zone, by the clock on the wall. */
export function nowMinute(zone: string): number {
  const now = new Date();
  return Math.floor(now.getTime() / 60_000) - (zone === '' ? now.getTimezoneOffset() : 0);
}

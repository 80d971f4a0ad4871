import { clamp, DEG_PER_RAD, RAD_PER_DEG } from '../units/units';

/** Where on the earth: degrees, north and east positive. */
export interface Site {
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
}

/** The sun seen from a site: altitude above a level horizon without refraction, azimuth clockwise from true north. Degrees. */
export interface SunPosition {
  readonly altitudeDeg: number;
  readonly azimuthDeg: number;
}

/** What of the sun does not depend on the site. */
export interface SunState {
  readonly declinationRad: number;
  /** Apparent less mean solar time, minutes. */
  readonly equationOfTimeMin: number;
}

const MS_PER_DAY = 86_400_000;
/** Days from 1970-01-01T00:00Z to J2000.0. */
const J2000_DAYS = 10_957.5;

/**
 * Declination and equation of time at an instant.
 * @param epochMs milliseconds since 1970-01-01T00:00Z
 * @see Meeus, Astronomical Algorithms, chapters 25 and 28 (low precision, about 0.01°)
 */
export function sunState(epochMs: number): SunState {
  const T = (epochMs / MS_PER_DAY - J2000_DAYS) / 36_525;
  const L0 = 280.46646 + T * (36_000.76983 + T * 0.0003032);
  const M = (357.52911 + T * (35_999.05029 - T * 0.0001537)) * RAD_PER_DEG;
  const e = 0.016708634 - T * (0.000042037 + T * 0.0000001267);
  const C =
    (1.914602 - T * (0.004817 + T * 0.000014)) * Math.sin(M) +
    (0.019993 - T * 0.000101) * Math.sin(2 * M) +
    0.000289 * Math.sin(3 * M);
  const omega = (125.04 - 1934.136 * T) * RAD_PER_DEG;
  const lambda = (L0 + C - 0.00569 - 0.00478 * Math.sin(omega)) * RAD_PER_DEG;
  const epsilon = (23.439291 - T * 0.0130042 + 0.00256 * Math.cos(omega)) * RAD_PER_DEG;
  const y = Math.tan(epsilon / 2) ** 2;
  const l0 = L0 * RAD_PER_DEG;
  const eot =
    y * Math.sin(2 * l0) -
    2 * e * Math.sin(M) +
    4 * e * y * Math.sin(M) * Math.cos(2 * l0) -
    0.5 * y * y * Math.sin(4 * l0) -
    1.25 * e * e * Math.sin(2 * M);
  return {
    declinationRad: Math.asin(Math.sin(epsilon) * Math.sin(lambda)),
    equationOfTimeMin: eot * DEG_PER_RAD * 4,
  };
}

/** Minutes of apparent solar time since the site's last solar midnight, 0–1440. */
export function solarMinutes(
  site: Site,
  epochMs: number,
  state: SunState = sunState(epochMs),
): number {
  const minutes = (epochMs / 60_000 + site.longitudeDeg * 4 + state.equationOfTimeMin) % 1440;
  return minutes < 0 ? minutes + 1440 : minutes;
}

/** The sun at an instant. */
export function sunAt(site: Site, epochMs: number): SunPosition {
  const state = sunState(epochMs);
  const hourAngle = (solarMinutes(site, epochMs, state) / 4 - 180) * RAD_PER_DEG;
  return positionOf(sunVector(site.latitudeDeg, state.declinationRad, hourAngle));
}

/** Direction to the sun: east, north and up parts of a unit vector. */
export type SkyVector = readonly [east: number, north: number, up: number];

/** Direction to the sun at an hour angle (0 at solar noon, afternoon positive), radians. */
export function sunVector(
  latitudeDeg: number,
  declinationRad: number,
  hourAngleRad: number,
): SkyVector {
  const phi = latitudeDeg * RAD_PER_DEG;
  const [sinD, cosD] = [Math.sin(declinationRad), Math.cos(declinationRad)];
  const cosH = Math.cos(hourAngleRad);
  return [
    -cosD * Math.sin(hourAngleRad),
    sinD * Math.cos(phi) - cosD * Math.sin(phi) * cosH,
    Math.sin(phi) * sinD + Math.cos(phi) * cosD * cosH,
  ];
}

export function positionOf([east, north, up]: SkyVector): SunPosition {
  return {
    altitudeDeg: Math.asin(clamp(up, -1, 1)) * DEG_PER_RAD,
    azimuthDeg: (Math.atan2(east, north) * DEG_PER_RAD + 360) % 360,
  };
}

/** Half the day's length as an hour angle, radians: 0 in polar night, π in polar day. Centre of the disc, no refraction. */
export function halfDayRad(latitudeDeg: number, declinationRad: number): number {
  return Math.acos(clamp(-Math.tan(latitudeDeg * RAD_PER_DEG) * Math.tan(declinationRad), -1, 1));
}

/** Hours from sunrise to sunset, 0–24. */
export function dayLengthH(latitudeDeg: number, declinationRad: number): number {
  return (halfDayRad(latitudeDeg, declinationRad) * 24) / Math.PI;
}

import { DEG } from '../conventions'

/** Figures as a sentence says them. */
export const degrees = (radians: number): string => `${Math.round(radians / DEG)}°`
export const percent = (share: number): string => `${Math.round(share * 100)} %`
export const centimetres = (metres: number): string => `${Math.round(metres * 1000) / 10} cm`

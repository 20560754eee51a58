/** How far a search is, 0 to 1, as its worker tells it: a plain message, so that ending the worker leaves no port open. */
export type Progress = { progress: number }

export const tellProgress = (progress: number): void => postMessage({ progress } satisfies Progress)

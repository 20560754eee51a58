/** How far a search is, 0 to 1, as its worker tells it: a plain message, so that ending the worker leaves no port open. */
type Progress = { progress: number }

export const tellProgress = (progress: number): void => postMessage({ progress } satisfies Progress)

export function hearProgress(worker: Worker, onProgress: (done: number) => void): void {
  worker.addEventListener('message', ({ data }: MessageEvent<Partial<Progress> | null>) => {
    if (data?.progress !== undefined) onProgress(data.progress)
  })
}

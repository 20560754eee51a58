/** A device on a cable that writes readings, a line each, where the browser has Web Serial. */
export type Serial = { close: () => Promise<void> }

type Port = {
  open: (options: { baudRate: number }) => Promise<void>
  close: () => Promise<void>
  readable: ReadableStream<Uint8Array>
}

const BAUD = 115_200

export const hasSerial = (): boolean => 'serial' in navigator

/** @throws where nobody chooses a device, or it cannot be opened */
export async function openSerial(take: (text: string) => void): Promise<Serial> {
  const port = await (navigator as unknown as { serial: { requestPort: () => Promise<Port> } }).serial.requestPort()
  await port.open({ baudRate: BAUD })
  const reader = port.readable
    .pipeThrough(new TextDecoderStream() as never)
    .getReader() as ReadableStreamDefaultReader<string>
  let rest = ''
  const read = async () => {
    for (;;) {
      const { value, done } = await reader.read()
      if (done) return
      const lines = (rest + value).split('\n')
      rest = lines.pop() ?? ''
      take(lines.join('\n'))
    }
  }
  // Pulled out: the page sees that nothing comes any more.
  read().catch(() => {})
  return {
    close: async () => {
      await reader.cancel().catch(() => {})
      await port.close().catch(() => {})
    },
  }
}

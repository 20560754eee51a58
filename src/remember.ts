/** The latest answers by what was asked: nothing that was just worked out is worked out again. */
export class Remembered<T> {
  private readonly answers = new Map<string, T>()

  constructor(private readonly most: number) {}

  get(key: string): T | undefined {
    return this.answers.get(key)
  }

  has(key: string): boolean {
    return this.answers.has(key)
  }

  keep(key: string, answer: T): void {
    this.answers.delete(key)
    this.answers.set(key, answer)
    if (this.answers.size > this.most) this.answers.delete(this.answers.keys().next().value as string)
  }
}

import Button from '@mui/material/Button'
import { useState } from 'react'
import type { StanceBody } from '@/documents/stance-document'
import type { Done } from '@/teaching/practice/doing'
import { sayUnsaved } from '@/ui/api/ask'
import { useWords } from '@/ui/words/use-words'
import { putOnBench } from './put-on-bench'

type BenchButtonProps = { person: string; done: Done; measured: (stance: StanceBody) => Partial<StanceBody> }

/** Sets the stance on the bench as it was measured, with one press, and says so. */
export function BenchButton({ person, done, measured }: BenchButtonProps) {
  const words = useWords()
  const [told, setTold] = useState<string | null>(null)
  const put = async () => {
    try {
      await putOnBench(person, done, measured)
      setTold(words.say('measure.bench.set'))
    } catch (error) {
      setTold(sayUnsaved(error, words))
    }
  }
  return (
    <>
      <Button onClick={put}>{words.say('measure.bench.put')}</Button>
      {told && <span role="status">{told}</span>}
    </>
  )
}

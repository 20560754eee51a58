import { InputError, SEAT_KINDS } from '@/core'
import { parse } from '@/documents/parse'
import { personDocument, SEAT_HEIGHT_M } from '@/documents/person-document'
import { readFigure } from '@/documents/read-figure'
import { type BodyUnits, smallUnit } from '@/records/body-units'
import { ChoiceWord } from '@/ui/words/ChoiceWord'
import { NumberWord } from '@/ui/words/NumberWord'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayRow } from '@/words/records'
import type { PartProps } from './part-props'
import { TextWord } from './TextWord'

type Body = PartProps['record']['body']
type SitsProps = Pick<PartProps, 'change'> & { body: Body; units: BodyUnits }

const [LOWEST, HIGHEST] = SEAT_HEIGHT_M

/** What they sit on when they sit, and how high it is where somebody measured it. */
export function Sits({ body, change, units }: SitsProps) {
  const words = useWords()
  const say = useSay('people.seats')
  const { sitsOn = 'chair', seatHeightM } = body
  const { unit, fromMetres, toMetres } = smallUnit(units)
  const put = (part: Partial<Body>) => change((r) => ({ ...r, body: { ...r.body, ...part } }))
  const takeTyped = (text: string): string | undefined => {
    try {
      const { seatHeightM } = parse(personDocument, { ...body, seatHeightM: toMetres(readFigure(text)) })
      put({ seatHeightM })
    } catch (error) {
      if (!(error instanceof InputError)) throw error
      return sayRow(error, units, words)
    }
  }
  return (
    <>
      {say('lead')}{' '}
      <ChoiceWord
        label={say('label')}
        value={sitsOn}
        choices={SEAT_KINDS.map((value) => ({ value, name: say(value) }))}
        // A chair of the house is as high as it has to be: what was measured was another seat.
        onChoose={(kind) => put(kind === 'chair' ? { sitsOn: undefined, seatHeightM: undefined } : { sitsOn: kind })}
        then={sitsOn === 'chair' ? '.' : ','}
      />
      {sitsOn !== 'chair' && (
        <>
          {' '}
          {seatHeightM === undefined ? (
            <TextWord label={say('height')} value={say('unmeasured')} live={false} onChange={takeTyped} />
          ) : (
            <>
              <NumberWord
                label={say('height')}
                value={fromMetres(seatHeightM)}
                unit={unit}
                step={units === 'metric' ? 1 : 0.5}
                min={fromMetres(LOWEST)}
                max={fromMetres(HIGHEST)}
                digits={units === 'metric' ? 0 : 1}
                onChange={(value) => put({ seatHeightM: toMetres(value) })}
              />{' '}
              {say('high')}
            </>
          )}
          {'.'}
        </>
      )}
    </>
  )
}

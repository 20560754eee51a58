import Button from '@mui/material/Button'
import Checkbox from '@mui/material/Checkbox'
import { COMPLAINTS, EYE_SIGNS } from '@/records/eye-signs'
import { Pick } from '@/ui/forms/Pick'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayComplaint, sayLookAt, saySign } from '@/words/records'
import type { PartProps } from './part-props'
import styles from './person.module.css'
import { TextWord } from './TextWord'

type Complaint = PartProps['record']['complaints'][number]

/** What only an eye sees, ticked with the date; and complaints with what they usually point at. */
export function Watch({ record, change, day, signs }: PartProps & { signs: readonly string[] }) {
  const t = useSay('screens.people')
  const words = useWords()

  const current = record.watch.filter(({ gone }) => !gone)
  const all = [...new Set([...EYE_SIGNS, ...signs, ...current.map(({ sign }) => sign)])]
  const tick = (sign: string) =>
    change((r) => {
      const there = r.watch.some((one) => one.sign === sign && !one.gone)
      if (!there) return { ...r, watch: [...r.watch, { sign, on: day }] }
      return { ...r, watch: r.watch.map((one) => (one.sign === sign && !one.gone ? { ...one, gone: day } : one)) }
    })
  const put = (one: Complaint, more: Partial<Complaint>) =>
    change((r) => ({ ...r, complaints: r.complaints.map((other) => (other === one ? { ...other, ...more } : other)) }))
  const complaints = record.complaints.filter(({ gone }) => !gone)
  return (
    <section className={styles.part} aria-label={t('watch')}>
      <h2>{t('watch')}</h2>
      <div className={styles.signs}>
        {all.map((sign) => {
          const since = current.find((one) => one.sign === sign)?.on
          return (
            <label key={sign} data-on={since !== undefined}>
              <Checkbox checked={since !== undefined} onChange={() => tick(sign)} /> {saySign(sign, words)}
              {since && <small>{words.day(since, day.slice(0, 4))}</small>}
            </label>
          )
        })}
      </div>
      {complaints.map((one) => {
        const name = sayComplaint(one.complaint, words)
        const lookAt = sayLookAt(one.complaint, words)
        return (
          <p key={`${one.complaint} ${one.on}`} className={styles.complaint}>
            <strong>{name}</strong>,{' '}
            <TextWord
              label={t('whenName', { name })}
              value={one.when || 'when?'}
              most={200}
              onChange={(when) => {
                put(one, { when })
                return undefined
              }}
            />{' '}
            ({words.day(one.on, day.slice(0, 4))}). {lookAt && t('lookAtLookat', { lookAt })}{' '}
            {words.say('watch.toClinician')}{' '}
            <Button aria-label={t('goneName', { name })} onClick={() => put(one, { gone: day })}>
              {t('gone')}
            </Button>
          </p>
        )
      })}
      <p className={styles.actions}>
        <Pick
          aria-label={t('aComplaint')}
          value=""
          onChange={(event) => {
            const complaint = event.target.value
            if (complaint) change((r) => ({ ...r, complaints: [...r.complaints, { complaint, on: day }] }))
          }}
        >
          <option value="">{t('aComplaint2')}</option>
          {COMPLAINTS.map((id) => (
            <option key={id} value={id}>
              {sayComplaint(id, words)}
            </option>
          ))}
        </Pick>
      </p>
    </section>
  )
}

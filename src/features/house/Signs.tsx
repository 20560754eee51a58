import Button from '@mui/material/Button'
import type { FormEvent } from 'react'
import type { HouseChoices } from '@/documents/house-settings'
import { EYE_SIGNS } from '@/records/eye-signs'
import { Field } from '@/ui/forms/Field'
import { useSay, useWords } from '@/ui/words/use-words'
import { saySign } from '@/words/records'
import styles from './house.module.css'

type SignsProps = { signs: HouseChoices['signs']; onSet: (signs: string[]) => void }

/** What only an eye sees: the usual signs, and the house's own. */
export function Signs({ signs, onSet }: SignsProps) {
  const t = useSay('screens.house')
  const words = useWords()

  const add = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault()
    const form = event.currentTarget
    const sign = String(new FormData(form).get('sign')).trim()
    if (sign && ![...EYE_SIGNS.map((one) => saySign(one, words)), ...signs].includes(sign)) onSet([...signs, sign])
    form.reset()
  }
  return (
    <section aria-label={t('whatOnlyEyeSees')}>
      <h2>{t('whatOnlyEyeSees')}</h2>
      <p>{EYE_SIGNS.map((sign) => saySign(sign, words)).join(' · ')}</p>
      <ul>
        {signs.map((sign) => (
          <li key={sign}>
            {sign}{' '}
            <Button aria-label={t('removeSign', { sign })} onClick={() => onSet(signs.filter((one) => one !== sign))}>
              {t('remove')}
            </Button>
          </li>
        ))}
      </ul>
      <form className={styles.add} onSubmit={add}>
        <Field name="sign" aria-label={t('aSignYourOwn')} placeholder={t('aSignYourOwn2')} maxLength={120} />
        <Button type="submit">{t('add')}</Button>
      </form>
    </section>
  )
}

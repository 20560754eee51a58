import Button from '@mui/material/Button'
import type { FormEvent } from 'react'
import type { HouseChoices } from '@/documents/house-settings'
import { EYE_SIGNS } from '@/records/eye-signs'
import { Field } from '@/ui/forms/Field'
import { saySign } from '@/words/records'
import styles from './house.module.css'

type SignsProps = { signs: HouseChoices['signs']; onSet: (signs: string[]) => void }

/** What only an eye sees: the usual signs, and the house's own. */
export function Signs({ signs, onSet }: SignsProps) {
  const add = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault()
    const form = event.currentTarget
    const sign = String(new FormData(form).get('sign')).trim()
    if (sign && ![...EYE_SIGNS.map((one) => saySign(one)), ...signs].includes(sign)) onSet([...signs, sign])
    form.reset()
  }
  return (
    <section aria-label="What only an eye sees">
      <h2>What only an eye sees</h2>
      <p>{EYE_SIGNS.map((sign) => saySign(sign)).join(' · ')}</p>
      <ul>
        {signs.map((sign) => (
          <li key={sign}>
            {sign}{' '}
            <Button aria-label={`Remove: ${sign}`} onClick={() => onSet(signs.filter((one) => one !== sign))}>
              remove
            </Button>
          </li>
        ))}
      </ul>
      <form className={styles.add} onSubmit={add}>
        <Field name="sign" aria-label="A sign of your own" placeholder="a sign of your own" maxLength={120} />
        <Button type="submit">Add</Button>
      </form>
    </section>
  )
}

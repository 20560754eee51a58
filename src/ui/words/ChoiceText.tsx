import styles from './words.module.css'

/** One thing to choose, with what is said of it in small. */
export type Choice<T extends string> = { value: T; name: string; detail?: string }

export const ChoiceText = ({ name, detail }: Pick<Choice<string>, 'name' | 'detail'>) => (
  <span className={styles.choice}>
    {name}
    {detail && <small>{detail}</small>}
  </span>
)

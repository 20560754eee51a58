import { AdapterDayjs } from '@mui/x-date-pickers/AdapterDayjs'
import { DatePicker } from '@mui/x-date-pickers/DatePicker'
import { LocalizationProvider } from '@mui/x-date-pickers/LocalizationProvider'
import dayjs from 'dayjs'
import { useWords } from '@/ui/words/use-words'
import 'dayjs/locale/en-gb'
import 'dayjs/locale/es'
import type { Language } from '@/documents/languages'
import sheet from '@/ui/words/sheet.module.css'
import styles from './day.module.css'

type DayPickerProps = { label: string; value: string; onChange: (day: string) => void; isWrong: boolean }

/** How each writes its days. */
const LOCALES: Record<Language, string> = { en: 'en-gb', es: 'es' }

const AS_KEPT = 'YYYY-MM-DD'
/** Half a day that was typed: the check of the document refuses it. */
const NO_DAY = '?'

const MONTH = `${sheet.laid} ${styles.month}`

/** A day in the order of the language, typed or picked from a month; '' while there is none. */
export default function DayPicker({ label, value, onChange, isWrong }: DayPickerProps) {
  return (
    <LocalizationProvider dateAdapter={AdapterDayjs} adapterLocale={LOCALES[useWords().language]}>
      <DatePicker
        value={value ? dayjs(value) : null}
        onChange={(day) => onChange(day ? (day.isValid() ? day.format(AS_KEPT) : NO_DAY) : '')}
        className={styles.day}
        slotProps={{
          textField: { error: isWrong, slotProps: { input: { 'aria-label': label } } },
          field: { clearable: true },
          openPickerButton: { 'aria-label': label },
          desktopPaper: { className: MONTH },
          mobilePaper: { className: MONTH },
        }}
      />
    </LocalizationProvider>
  )
}

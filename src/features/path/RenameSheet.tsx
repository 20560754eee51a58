import { Field } from '@/ui/forms/Field'
import { Form } from '@/ui/forms/Form'
import { Sheet } from '@/ui/words/Sheet'
import { useWords } from '@/ui/words/use-words'

type RenameSheetProps = { open: boolean; name: string; onClose: () => void; onName: (name: string) => void }

/** What the routine is called in this house. */
export function RenameSheet({ open, name, onClose, onName }: RenameSheetProps) {
  const words = useWords()
  return (
    <Sheet title={words.say('path.tools.named')} open={open} onClose={onClose}>
      <Form
        verb={words.say('path.tools.keep')}
        onLeave={onClose}
        onEnter={(read) => {
          const given = read('name')
          if (given) onName(given)
          onClose()
        }}
      >
        <label>
          {words.say('path.tools.rename')}
          <Field name="name" defaultValue={name} maxLength={120} required autoFocus autoComplete="off" />
        </label>
      </Form>
    </Sheet>
  )
}

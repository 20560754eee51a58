import { useEffect } from 'react'
import { useFormContext } from 'react-hook-form'

/** What stands in a form under a name, and what is wrong with it; nothing of it where there is no form around. */
export function useFormField(name: string | undefined, first?: unknown) {
  const form = useFormContext()
  const put = form?.setValue
  // What comes anew under a name begins with its own value, not with what stood there before.
  useEffect(() => {
    if (put && name && first !== undefined) put(name, first)
  }, [put, name, first])
  if (!form || !name) return { registered: null, problem: null }
  const problem = form.formState.errors[name]?.message
  return { registered: form.register(name), problem: typeof problem === 'string' ? problem : null }
}

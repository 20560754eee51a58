import { customType } from 'drizzle-orm/sqlite-core'

/** A document as JSON text. What is no JSON is given back as it is, so that one bad row does not end a whole list. */
export const json = <T>(name: string) =>
  customType<{ data: T; driverData: string }>({
    dataType: () => 'text',
    toDriver: (value) => JSON.stringify(value),
    fromDriver: (text) => {
      try {
        return JSON.parse(text)
      } catch {
        return text
      }
    },
  })(name)

/** A group: its id is what people and plans name, its name is what is said. */
export type Group = { id: string; name: string }

/** The names of groups; one that is gone is left out. */
export const nameGroups = (ids: readonly string[], groups: readonly Group[]): string[] =>
  ids.flatMap((id) => groups.find((group) => group.id === id)?.name ?? [])

/** A record as files hold it: its groups by their names. */
export const sayGroups = <T extends { groups: string[] }>(record: T, groups: readonly Group[]): T => ({
  ...record,
  groups: nameGroups(record.groups, groups),
})

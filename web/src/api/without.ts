/** The same but for some of its fields. */
export function without<T extends object>(whole: T, ...fields: (keyof T)[]): T {
  const left = { ...whole }
  fields.forEach((field) => delete left[field])
  return left
}

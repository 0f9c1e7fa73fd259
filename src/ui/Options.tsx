interface Props {
  options: readonly { readonly value: string; readonly label: string }[]
  /** What the empty choice says; without it there is none. */
  none?: string
}

/** What a select offers. */
export const Options = ({ options, none }: Props) => (
  <>
    {none !== undefined && <option value="">{none}</option>}
    {options.map(({ value, label }) => (
      <option key={value} value={value}>
        {label}
      </option>
    ))}
  </>
)

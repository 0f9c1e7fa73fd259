interface Props {
  label: string
  checked: boolean
  onChange: (on: boolean) => void
}

/** One thing that is so or not. */
export const TickField = ({ label, checked, onChange }: Props) => (
  <label className="flex min-h-9 items-center gap-2 self-end text-[15px]">
    <input
      type="checkbox"
      className="accent-moss size-4.5 shrink-0"
      checked={checked}
      onChange={(event) => onChange(event.target.checked)}
    />
    {label}
  </label>
)

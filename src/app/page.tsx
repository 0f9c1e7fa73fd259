import { Desk } from '@/features/desk/Desk'

export default function DeskPage() {
  return <Desk />
}

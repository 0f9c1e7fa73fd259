import { Desk } from '@/features/pages/desk/Desk'

export default function DeskPage() {
  return <Desk />
}

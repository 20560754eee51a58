import { Astray } from '@/ui/places/Astray'

export default function NotFound() {
  return <Astray why="nowhere" />
}

import {
  Anchor,
  Apple,
  Bell,
  Bike,
  Bird,
  Cloud,
  Fish,
  KeyRound,
  Leaf,
  type LucideIcon,
  Moon,
  Star,
  Sun,
} from 'lucide-react';
import type { PictureId } from '../contract/pictures';

const ICONS: Readonly<Record<PictureId, LucideIcon>> = {
  anchor: Anchor,
  apple: Apple,
  bell: Bell,
  bird: Bird,
  bike: Bike,
  cloud: Cloud,
  fish: Fish,
  key: KeyRound,
  leaf: Leaf,
  moon: Moon,
  star: Star,
  sun: Sun,
};

/** One picture of a student's key, with its word. */
export function Picture({ id, size = 20 }: { id: PictureId; size?: number }) {
  const Icon = ICONS[id];
  return (
    <span className="inline-flex items-center gap-1">
      <Icon aria-hidden size={size} />
      {id}
    </span>
  );
}

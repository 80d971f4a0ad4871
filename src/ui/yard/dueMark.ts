import {
  Droplet,
  Eye,
  FlaskConical,
  House,
  RotateCw,
  Scissors,
  Shield,
  Shovel,
  Thermometer,
  type LucideIcon,
} from 'lucide-react';
import type { Task } from '@/core/care/task';

/** What is due at a container, told by a shape and a few words. */
export interface Due {
  readonly id: string;
  readonly rule: Task['facts']['rule'];
  readonly title: string;
  readonly isUrgent: boolean;
}

/** One shape for each kind of work. */
export const DUE_MARK: Readonly<Record<Due['rule'], LucideIcon>> = {
  water: Droplet,
  line: Droplet,
  feed: FlaskConical,
  pinch: Scissors,
  deadhead: Scissors,
  trim: Scissors,
  tidy: Scissors,
  tie: Shovel,
  swap: Shovel,
  turn: RotateCw,
  move: RotateCw,
  look: Eye,
  ask: Eye,
  'after frost': Thermometer,
  'harden off': Thermometer,
  cover: Shield,
  uncover: Shield,
  wrap: Shield,
  'bring in': House,
};

import { exploreDistillation } from '@/core/explore/distillation';
import { exposeTask } from './task';

exposeTask(exploreDistillation);

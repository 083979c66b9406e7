'use client';

import { WentWrong } from '@/ui/shell/went-wrong';

export default WentWrong;

import { slideAtRandom } from '../support/slider';

slideAtRandom(0, 3);

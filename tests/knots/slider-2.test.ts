import { slideAtRandom } from '../support/slider';

slideAtRandom(1, 3);

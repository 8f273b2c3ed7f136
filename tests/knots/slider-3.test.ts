import { slideAtRandom } from '../support/slider';

slideAtRandom(2, 3);

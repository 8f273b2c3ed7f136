import { fuzzRoutes } from '../support/fuzz-routes';

fuzzRoutes(0, 2);

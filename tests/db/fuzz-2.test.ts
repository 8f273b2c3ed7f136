import { fuzzRoutes } from '../support/fuzz-routes';

fuzzRoutes(1, 2);

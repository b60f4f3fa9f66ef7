import { vocabulary } from '../../api/types/words';

/** Seats by their names; a chair is shown without arms and with them. */
export const seats = vocabulary.base.flatMap(([value, name]): (readonly [string, string])[] =>
    value === vocabulary.base[0][0]
        ? [
              [value, name],
              ['armchair', 'Chair with arms'],
          ]
        : [[value, name]],
);

import { vocabulary } from '../../api/types/words';

/** Seats by their names; a chair is shown without arms and with them, a bed with its backrest up and lying flat. */
export const seats = vocabulary.mainBase.flatMap(([value, name]): (readonly [string, string])[] =>
    value === vocabulary.mainBase[0][0]
        ? [
              [value, name],
              ['armchair', 'Chair with arms'],
          ]
        : [[value, name]],
);

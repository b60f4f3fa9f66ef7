import { describe, expect, it } from 'vitest';
import { among, PAGES } from './actions';

describe('things to do, found by words', () => {
    it('finds by the beginnings of all words, in any order', () => {
        expect(among(PAGES, 'cla new').map(({ name }) => name)).toEqual(['New class']);
        expect(among(PAGES, 'speech').map(({ name }) => name)).toEqual(['How you teach']);
    });

    it('finds nothing by nothing, nor by a word of which it has no part', () => {
        expect(among(PAGES, '  ')).toEqual([]);
        expect(among(PAGES, 'new moon')).toEqual([]);
    });
});

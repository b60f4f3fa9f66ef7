<?php

declare(strict_types=1);

namespace App\Library;

use PDO;

/**
 * Finds things by everyday words, the best first: by their names in every style, by what people call them, and by what is told of them;
 * in other forms of a word, half typed, and misspelt. The searching itself is SQLite's full-text index.
 */
final class WordSearch
{
    /** How much a word counts: in a name, among everyday words, in what is told besides. */
    private const WEIGHTS = '10.0, 8.0, 1.0';

    private const NOT_TELLING = ['a', 'an', 'and', 'the', 'of', 'with', 'in', 'on', 'at', 'to', 'for', 'my', 'her', 'his', 'their', 'is', 'has', 'had', 'have', 'not', 'from', 'or', 'by', 's'];

    private readonly PDO $index;

    /** @var array<string, list<string>> by key: its names and everyday words, plain */
    private array $called = [];

    /** @var array<string, true> every word that occurs */
    private array $vocabulary = [];

    /** @var array<string, list<string>> words that mean the same, by each of them */
    private array $same = [];

    /**
     * @param array<string, array{name: string, everyday: list<string>, more: string}> $things by key
     * @param list<list<string>> $same words that mean the same
     */
    public function __construct(array $things, array $same = [])
    {
        $this->index = new PDO('sqlite::memory:');
        $this->index->exec("create virtual table things using fts5(thing unindexed, name, everyday, more, tokenize = 'porter unicode61 remove_diacritics 2')");
        $this->index->beginTransaction();
        $insert = $this->index->prepare('insert into things values (?, ?, ?, ?)');
        foreach ($things as $key => ['name' => $name, 'everyday' => $everyday, 'more' => $more]) {
            $key = (string) $key;
            $insert->execute([$key, self::plain($name), self::plain(implode(' . ', $everyday)), self::plain($more)]);
            $this->called[$key] = array_map(self::plain(...), [$name, ...$everyday]);
            foreach (explode(' ', self::plain("$name " . implode(' ', $everyday) . " $more")) as $word) {
                $this->vocabulary[$word] = true;
            }
        }
        $this->index->commit();
        foreach ($same as $words) {
            foreach ($words as $word) {
                $this->same[self::plain($word)] = array_map(self::plain(...), $words);
                $this->vocabulary[self::plain($word)] = true;
            }
        }
    }

    /** @return list<string> keys of what answers to the words, the best first; nothing for no words */
    public function find(string $words): array
    {
        $asked = self::plain($words);
        $telling = self::telling($asked);
        if ($telling === []) {
            return [];
        }
        $found = $this->match($telling, ' AND ');
        if ($found === []) {
            $mended = array_map($this->mended(...), $telling);
            $found = $this->match($mended, ' AND ') ?: $this->match($mended, ' OR ');
            $asked = implode(' ', $mended);
        }
        $place = array_flip($found);
        usort($found, fn (string $a, string $b): int => [$this->distance($asked, $a), $place[$a]] <=> [$this->distance($asked, $b), $place[$b]]);

        return $found;
    }

    /** 0 when something is called just so, 1 when it begins so, 2 when it is called so among other words, 3 otherwise. */
    private function distance(string $asked, string $key): int
    {
        $nearest = 3;
        foreach ($this->called[$key] as $at => $called) {
            $nearest = min($nearest, match (true) {
                $called === $asked => 0,
                str_starts_with($called, $asked) => $at === 0 ? 1 : 2,
                str_contains(" $called ", " $asked ") => 2,
                default => 3,
            });
        }

        return $nearest;
    }

    /**
     * @param list<string> $words
     * @return list<string>
     */
    private function match(array $words, string $joined): array
    {
        $last = array_key_last($words);
        $parts = [];
        foreach ($words as $at => $word) {
            $alike = $this->same[$word] ?? [$word];
            $parts[] = '(' . implode(' OR ', array_map(static fn (string $one): string => '"' . $one . '"' . ($at === $last && $one === $word ? '*' : ''), $alike)) . ')';
        }
        $query = $this->index->prepare('select thing from things where things match ? order by bm25(things, 0.0, ' . self::WEIGHTS . ')');
        $query->execute([implode($joined, $parts)]);

        return array_values(array_map(strval(...), $query->fetchAll(PDO::FETCH_COLUMN)));
    }

    /** The word as it is spelt where it occurs, when it is nearly one that does. */
    private function mended(string $word): string
    {
        $most = match (true) {
            strlen($word) < 4 => 0,
            strlen($word) < 6 => 1,
            default => 2,
        };
        $nearest = $word;
        $least = $most + 1;
        foreach (isset($this->vocabulary[$word]) ? [] : array_keys($this->vocabulary) as $known) {
            $known = (string) $known;
            if (abs(strlen($known) - strlen($word)) <= $most && ($edits = levenshtein($word, $known)) < $least) {
                [$nearest, $least] = [$known, $edits];
            }
        }

        return $nearest;
    }

    /** @return list<string> words that tell something; all of them where none does */
    private static function telling(string $plain): array
    {
        $words = array_values(array_filter(explode(' ', $plain), static fn (string $word): bool => $word !== ''));

        return array_values(array_diff($words, self::NOT_TELLING)) ?: $words;
    }

    /** Lower case, letters and digits only. */
    private static function plain(string $words): string
    {
        return trim((string) preg_replace('/[^\p{L}\p{N}]+/u', ' ', str_replace(["'", '’'], '', mb_strtolower($words))));
    }
}

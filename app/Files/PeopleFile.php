<?php

declare(strict_types=1);

namespace App\Files;

use App\Files\People\AddressCards;
use App\Files\People\FoundPerson;
use App\Files\People\PersonInRow;
use App\Files\People\Table;
use KindChair\Format\Craft;
use KindChair\Format\FormatError;

/**
 * People from a table (CSV) or from address cards (vCard): looked at first, taken in afterwards.
 *
 * @phpstan-type Row array{cells: list<string>, person: array<string, mixed>|null, problem: string|null, like: list<array{id: int, name: string, groups: list<string>, sameName: bool}>, isTwice: bool}
 */
final readonly class PeopleFile
{
    public function __construct(private Craft $craft)
    {
    }

    /**
     * @param SamePeople $known who is there already
     * @param array<string, string>|null $mapping column number by field; guessed from the headings if null
     * @return array{kind: 'csv'|'vcard', encoding: string, columns: list<string>, guess: array<string, string>, rows: list<Row>}
     * @throws FormatError when nothing can be made of the file
     */
    public function look(string $bytes, SamePeople $known, ?array $mapping = null): array
    {
        [$text, $encoding] = Table::decoded($bytes);
        if (str_starts_with(ltrim($text), 'BEGIN:VCARD')) {
            return ['kind' => 'vcard', 'encoding' => $encoding, 'columns' => ['Name', 'Phone'], 'guess' => [], 'rows' => self::compared(AddressCards::read($text), $known)];
        }
        $table = Table::read($text);
        $columns = array_map(trim(...), array_shift($table) ?? []);
        $mapping ??= Table::guess($columns);
        $reader = new PersonInRow($this->craft->precautions);
        $found = array_map(static fn (array $cells): FoundPerson => $reader->read($cells, $mapping), $table);

        return ['kind' => 'csv', 'encoding' => $encoding, 'columns' => $columns, 'guess' => $mapping, 'rows' => self::compared($found, $known)];
    }

    /** @param list<array<string, mixed>> $people in the open form */
    public function write(array $people): string
    {
        return Table::write($people, $this->craft->precautions);
    }

    /**
     * @param list<FoundPerson> $found
     * @return list<Row> with who of the teacher's people each may be, and who is in the file twice
     */
    private static function compared(array $found, SamePeople $known): array
    {
        $seen = $rows = [];
        foreach ($found as $one) {
            $name = is_string($one->person['name'] ?? null) ? $one->person['name'] : null;
            $rows[] = [
                'cells' => $one->cells,
                'person' => $one->person,
                'problem' => $one->problem,
                'like' => $name === null ? [] : $known->like($name),
                'isTwice' => $name !== null && isset($seen[mb_strtolower($name)]),
            ];
            $seen[mb_strtolower($name ?? '')] = true;
        }

        return $rows;
    }
}

<?php

declare(strict_types=1);

namespace App\Files;

use App\Models\Group;
use KindChair\Body\AgeBand;
use KindChair\Format\Craft;
use KindChair\Format\FormatError;
use KindChair\Format\PlainText;
use KindChair\Movement\Base;
use KindChair\People\Pace;
use Sabre\VObject\Component\VCard;
use Sabre\VObject\ParseException;
use Sabre\VObject\Reader;

/**
 * People from a table (CSV) or from address cards (vCard): looked at first, taken in afterwards.
 *
 * @phpstan-type Row array{cells: list<string>, person: array<string, mixed>|null, problem: string|null, like: list<array{id: int, name: string, groups: list<string>, sameName: bool}>, isTwice: bool}
 */
final readonly class PeopleFile
{
    public const MOST_ROWS = Group::MOST;
    private const FIELDS = [
        'name' => ['name', 'full name', 'participant', 'person', 'initials', 'who'],
        'base' => ['base', 'seat', 'sits on', 'chair'],
        'age' => ['age', 'age band', 'years'],
        'pace' => ['pace', 'speed'],
        'precautions' => ['precautions', 'care', 'conditions', 'health'],
        'notes' => ['notes', 'note', 'remarks', 'comment'],
        'emergencyName' => ['emergency', 'emergency contact', 'contact', 'next of kin'],
        'emergencyPhone' => ['emergency phone', 'phone', 'telephone', 'tel'],
    ];

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
        [$text, $encoding] = self::decoded($bytes);
        if (str_starts_with(ltrim($text), 'BEGIN:VCARD')) {
            return ['kind' => 'vcard', 'encoding' => $encoding, 'columns' => ['Name', 'Phone'], 'guess' => [], 'rows' => self::compared($this->cards($text), $known)];
        }
        $table = self::table($text);
        $columns = array_map(trim(...), array_shift($table) ?? []);
        $mapping ??= self::guess($columns);
        $rows = self::compared(array_map(fn (array $cells): array => $this->row($cells, $mapping), $table), $known);

        return ['kind' => 'csv', 'encoding' => $encoding, 'columns' => $columns, 'guess' => $mapping, 'rows' => $rows];
    }

    /**
     * @param list<array<string, mixed>> $people in the open form
     * @return string a table that spreadsheets open without running anything
     */
    public function write(array $people): string
    {
        $out = fopen('php://temp', 'r+');
        assert($out !== false);
        fputcsv($out, ['Name', 'Base', 'Age', 'Pace', 'Precautions', 'Notes', 'Emergency contact', 'Emergency phone'], escape: '');
        foreach ($people as $person) {
            $precautions = array_map(fn (array $noted): string => $this->craft->precautions->get($noted['code'])->name . (isset($noted['side']) ? " ({$noted['side']})" : ''), $person['precautions'] ?? []);
            $cells = [$person['name'], $person['base'], $person['age'] ?? '', $person['pace'] ?? '', implode('; ', $precautions), $person['notes'] ?? '', $person['emergency']['name'] ?? '', $person['emergency']['phone'] ?? ''];
            // A cell that a spreadsheet would take for a formula is marked as text.
            fputcsv($out, array_map(static fn (string $cell): string => preg_match('/^[=+\-@\t]/', $cell) === 1 ? "'$cell" : $cell, $cells), escape: '');
        }
        rewind($out);

        return "\u{FEFF}" . stream_get_contents($out);
    }

    /** @return array{string, string} the text and how it was written */
    private static function decoded(string $bytes): array
    {
        foreach (["\xEF\xBB\xBF" => 'UTF-8', "\xFF\xFE" => 'UTF-16LE', "\xFE\xFF" => 'UTF-16BE'] as $mark => $encoding) {
            if (str_starts_with($bytes, $mark)) {
                return [(string) mb_convert_encoding(substr($bytes, strlen($mark)), 'UTF-8', $encoding), $encoding];
            }
        }
        if (str_contains($bytes, "\0")) {
            throw FormatError::at('the file', 'this is not a text file. Save the table as CSV and try again.');
        }
        $isUtf8 = mb_check_encoding($bytes, 'UTF-8');

        return [$isUtf8 ? $bytes : (string) mb_convert_encoding($bytes, 'UTF-8', 'Windows-1252'), $isUtf8 ? 'UTF-8' : 'Windows-1252'];
    }

    /** @return list<list<string>> */
    private static function table(string $text): array
    {
        $first = strtok($text, "\r\n") ?: '';
        $counts = [',' => substr_count($first, ','), ';' => substr_count($first, ';'), "\t" => substr_count($first, "\t")];
        arsort($counts);
        $in = fopen('php://temp', 'r+');
        assert($in !== false);
        fwrite($in, $text);
        rewind($in);
        $rows = [];
        while (($cells = fgetcsv($in, null, (string) array_key_first($counts), '"', '')) !== false) {
            if ($cells !== [null]) {
                $rows[] = array_map(static fn (?string $cell): string => trim($cell ?? ''), $cells);
            }
        }
        if (count($rows) - 1 > self::MOST_ROWS) {
            throw FormatError::at('the file', sprintf('this table has %s rows; a group takes up to %d. Please split it.', number_format(count($rows) - 1), self::MOST_ROWS));
        }
        if (count($rows) < 2) {
            throw FormatError::at('the file', 'there is no table in it. The first row names the columns, such as Name, Base, Notes; each further row is a person.');
        }

        return $rows;
    }

    /**
     * @param list<string> $columns
     * @return array<string, string>
     */
    private static function guess(array $columns): array
    {
        $guess = [];
        foreach (self::FIELDS as $field => $words) {
            foreach ($columns as $at => $column) {
                if (in_array(mb_strtolower($column), $words, true) && !in_array((string) $at, $guess, true)) {
                    $guess[$field] = (string) $at;
                    break;
                }
            }
        }

        return $guess;
    }

    /**
     * @param list<string> $cells
     * @param array<string, string> $mapping
     * @return Row
     */
    private function row(array $cells, array $mapping): array
    {
        $at = static fn (string $field): string => isset($mapping[$field]) ? $cells[(int) $mapping[$field]] ?? '' : '';
        $row = static fn (?array $person, ?string $problem): array => self::found($cells, $person, $problem);
        $name = $at('name');
        if ($name === '') {
            return $row(null, 'There is no name in this row.');
        }
        foreach ($cells as $cell) {
            if (!PlainText::is($cell)) {
                return $row(null, 'This row has characters that cannot be seen. Please type it anew.');
            }
            if (preg_match('/^[=+@]|^-[^\d\s]/', $cell) === 1) {
                return $row(null, "\"$cell\" looks like a formula. Please write it as plain text.");
            }
        }
        if (mb_strlen($name) > 80) {
            return $row(null, 'This name is longer than 80 letters.');
        }
        $person = ['name' => $name, 'base' => 'chair'];
        $base = mb_strtolower($at('base'));
        if ($base !== '') {
            $found = match (true) {
                str_contains($base, 'wheel') => Base::Wheelchair,
                str_contains($base, 'bed') => Base::Bed,
                str_contains($base, 'stand') => Base::Standing,
                str_contains($base, 'chair'), str_contains($base, 'seat') => Base::Chair,
                default => null,
            };
            if ($found === null) {
                return $row(null, "\"{$at('base')}\" is no base: chair, standing, wheelchair or bed.");
            }
            $person['base'] = $found->value;
        }
        $age = self::age($at('age'));
        if ($age !== null) {
            $person['age'] = $age;
        }
        $pace = Pace::tryFrom(mb_strtolower($at('pace')));
        if ($pace !== null) {
            $person['pace'] = $pace->value;
        }
        [$precautions, $unknown] = $this->precautions($at('precautions'));
        if ($precautions !== []) {
            $person['precautions'] = $precautions;
        }
        $notes = trim($at('notes') . ($unknown === [] ? '' : ' ' . implode('; ', $unknown)));
        if ($notes !== '') {
            $person['notes'] = mb_substr($notes, 0, 900);
        }
        if ($at('emergencyName') !== '') {
            $person['emergency'] = array_filter(['name' => mb_substr($at('emergencyName'), 0, 80), 'phone' => mb_substr($at('emergencyPhone'), 0, 60)]);
        }
        $problem = $unknown === [] ? null : 'Not known as a precaution, kept as a note: ' . implode('; ', $unknown) . '.';

        return $row($person, $problem);
    }

    private static function age(string $words): ?string
    {
        if (AgeBand::tryFrom($words) !== null) {
            return $words;
        }
        if (preg_match('/^\d{2,3}$/', $words) !== 1) {
            return null;
        }
        $years = (int) $words;

        return match (true) {
            $years >= 80 => AgeBand::Eighties->value,
            $years >= 70 => AgeBand::Seventies->value,
            $years >= 60 => AgeBand::Sixties->value,
            default => AgeBand::Adult->value,
        };
    }

    /** @return array{list<array{code: string, side?: string}>, list<string>} what is known, and what is not */
    private function precautions(string $words): array
    {
        $found = $unknown = [];
        foreach (preg_split('/[;|]/', $words, -1, PREG_SPLIT_NO_EMPTY) ?: [] as $one) {
            $one = trim($one);
            $side = preg_match('/\((left|right)\)$/i', $one, $match) === 1 ? mb_strtolower($match[1]) : null;
            $plain = mb_strtolower(trim((string) preg_replace('/\((left|right)\)$/i', '', $one)));
            $code = null;
            foreach ($this->craft->precautions->toNote() as $precaution) {
                if ($precaution->code === $plain || mb_strtolower($precaution->name) === $plain) {
                    $code = $precaution->code;
                }
            }
            if ($code === null) {
                $unknown[] = $one;
            } else {
                $found[] = ['code' => $code, ...($side === null ? [] : ['side' => $side])];
            }
        }

        return [$found, $unknown];
    }

    /** @return list<Row> */
    private function cards(string $text): array
    {
        if (substr_count($text, 'BEGIN:VCARD') > self::MOST_ROWS) {
            throw FormatError::at('the file', sprintf('a group takes up to %d people. Please split the file.', self::MOST_ROWS));
        }
        $rows = [];
        foreach (preg_split('/(?=BEGIN:VCARD)/', $text, -1, PREG_SPLIT_NO_EMPTY) ?: [] as $card) {
            if (trim($card) !== '') {
                $rows[] = self::card($card);
            }
        }

        return $rows;
    }

    /** @return Row */
    private static function card(string $card): array
    {
        try {
            $read = Reader::read($card, Reader::OPTION_FORGIVING);
        } catch (ParseException) {
            return self::found([mb_strimwidth(trim($card), 0, 60, '…'), ''], null, 'This card is broken off or damaged.');
        }
        $name = $read instanceof VCard ? trim((string) ($read->FN ?? $read->N ?? '')) : '';
        $phone = $read instanceof VCard ? trim((string) ($read->TEL ?? '')) : '';

        return match (true) {
            $name === '' => self::found(['', $phone], null, 'This card has no name.'),
            !PlainText::is($name) => self::found([$name, $phone], null, 'This name has characters that cannot be seen. Please type it anew.'),
            default => self::found([$name, $phone], ['name' => mb_substr($name, 0, 80), 'base' => 'chair'], null),
        };
    }

    /**
     * @param list<string> $cells
     * @param array<string, mixed>|null $person
     * @return Row
     */
    private static function found(array $cells, ?array $person, ?string $problem): array
    {
        return ['cells' => $cells, 'person' => $person, 'problem' => $problem, 'like' => [], 'isTwice' => false];
    }

    /**
     * @param list<Row> $rows
     * @return list<Row> with who of the teacher's people each may be, and who is in the file twice
     */
    private static function compared(array $rows, SamePeople $known): array
    {
        $seen = [];
        foreach ($rows as $at => $row) {
            $name = $row['person']['name'] ?? null;
            if (is_string($name)) {
                $rows[$at]['like'] = $known->like($name);
                $rows[$at]['isTwice'] = isset($seen[mb_strtolower($name)]);
                $seen[mb_strtolower($name)] = true;
            }
        }

        return $rows;
    }
}

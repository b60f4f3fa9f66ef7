<?php

declare(strict_types=1);

namespace App\Files\People;

use KindChair\Body\AgeBand;
use KindChair\Format\PlainText;
use KindChair\Movement\Base;
use KindChair\People\Pace;
use KindChair\People\PrecautionBook;

/** Makes a person of one row of a table, by the words people write there. */
final readonly class PersonInRow
{
    public function __construct(private PrecautionBook $precautions)
    {
    }

    /**
     * @param list<string> $cells
     * @param array<string, string> $mapping
     */
    public function read(array $cells, array $mapping): FoundPerson
    {
        $at = static fn (string $field): string => isset($mapping[$field]) ? $cells[(int) $mapping[$field]] ?? '' : '';
        $name = $at('name');
        if ($name === '') {
            return FoundPerson::refused($cells, 'There is no name in this row.');
        }
        foreach ($cells as $cell) {
            if (!PlainText::is($cell)) {
                return FoundPerson::refused($cells, 'This row has characters that cannot be seen. Please type it anew.');
            }
            if (preg_match('/^[=+@]|^-[^\d\s]/', $cell) === 1) {
                return FoundPerson::refused($cells, "\"$cell\" looks like a formula. Please write it as plain text.");
            }
        }
        if (mb_strlen($name) > 80) {
            return FoundPerson::refused($cells, 'This name is longer than 80 letters.');
        }
        $person = ['name' => $name, 'base' => Base::Chair->value];
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
                return FoundPerson::refused($cells, "\"{$at('base')}\" is no base: chair, standing, wheelchair or bed.");
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

        return FoundPerson::of($cells, $person, $problem);
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
            foreach ($this->precautions->toNote() as $precaution) {
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
}

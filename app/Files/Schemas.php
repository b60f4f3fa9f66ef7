<?php

declare(strict_types=1);

namespace App\Files;

use KindChair\Format\FormatError;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Helper;
use Opis\JsonSchema\Validator;

/** Holds documents against schema/*.schema.json. */
final class Schemas
{
    private const BASE = 'https://kind-chair.example/schema/';

    private ?Validator $validator = null;

    /**
     * @param string $name the file's name without .schema.json
     * @throws FormatError with the first place that is wrong and what was expected there
     */
    public function check(string $name, mixed $document, string $part = ''): void
    {
        $this->validator ??= $this->validator();
        $result = $this->validator->uriValidation(Helper::toJSON($document), self::BASE . "$name.schema.json$part");
        if ($result !== null) {
            $deepest = self::deepest($result);
            $path = '/' . implode('/', $deepest->data()->fullPath());
            throw FormatError::at($path === '/' ? 'the document' : $path, self::words($deepest));
        }
    }

    /**
     * Checks a class of which an earlier state was checked before: only what is not as it was is looked at again.
     *
     * @param array<array-key, mixed> $document
     * @param array<array-key, mixed> $before
     * @throws FormatError
     */
    public function checkChanged(string $name, array $document, array $before): void
    {
        $known = [];
        foreach (self::sections($before) as $section) {
            foreach ((array) ($section['entries'] ?? []) as $entry) {
                $known[serialize($entry)] = true;
            }
        }
        $changed = $document;
        $new = [];
        foreach (self::sections($document) as $at => $section) {
            if (is_array($section['entries'] ?? null) && array_is_list($section['entries'])) {
                $changed['sections'][$at]['entries'] = array_values(array_filter($section['entries'], static fn (mixed $entry): bool => !isset($known[serialize($entry)])));
                array_push($new, ...$changed['sections'][$at]['entries']);
            }
        }
        try {
            if (self::frame($document) !== self::frame($before)) {
                $this->check($name, $changed);

                return;
            }
            foreach ($new as $entry) {
                $this->check($name, $entry, '#/$defs/entry');
            }
        } catch (FormatError) {
            // Once more, so that the place that is told is the one in the whole.
            $this->check($name, $document);
        }
    }

    /**
     * @param array<array-key, mixed> $document
     * @return array<array-key, mixed> a class without its movements, only with how many each section has
     */
    private static function frame(array $document): array
    {
        foreach (self::sections($document) as $at => $section) {
            if (is_array($section['entries'] ?? null) && array_is_list($section['entries'])) {
                $document['sections'][$at]['entries'] = count($section['entries']);
            }
        }

        return $document;
    }

    /**
     * @param array<array-key, mixed> $document
     * @return array<array-key, array<array-key, mixed>>
     */
    private static function sections(array $document): array
    {
        return array_filter(is_array($document['sections'] ?? null) ? $document['sections'] : [], is_array(...));
    }

    private function validator(): Validator
    {
        $validator = new Validator();
        $validator->resolver()?->registerPrefix(self::BASE, base_path('schema'));

        return $validator;
    }

    private static function deepest(ValidationError $error): ValidationError
    {
        while ($error->subErrors() !== []) {
            $error = $error->subErrors()[0];
        }

        return $error;
    }

    private static function words(ValidationError $error): string
    {
        return match ($error->keyword()) {
            'format' => 'expected a day that there is, such as 2026-05-31.',
            'maxItems' => 'there are too many here: up to ' . $error->args()['max'] . ' can be taken, and there are ' . $error->args()['count'] . '.',
            default => (new ErrorFormatter())->formatErrorMessage($error),
        };
    }
}

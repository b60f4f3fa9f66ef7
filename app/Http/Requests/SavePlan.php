<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Closure;
use Illuminate\Foundation\Http\FormRequest;
use KindChair\Format\PlanUpgrade;

/** A plan as it was changed, and the revision it was changed from. */
final class SavePlan extends FormRequest
{
    private const LONGEST_TAG = 40;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'revision' => ['required', 'integer'],
            'plan' => ['required', 'array'],
            // Looked at as one: a rule for each of a hundred tags takes as long as reading the plan.
            'have' => ['array', 'max:200', static function (string $name, mixed $have, Closure $fail): void {
                foreach ((array) $have as $tag) {
                    if (!is_string($tag) || strlen($tag) > self::LONGEST_TAG) {
                        $fail('A tag is a short text.');

                        return;
                    }
                }
            }],
        ];
    }

    /** @return array<array-key, mixed> as it was sent, without anything trimmed, in today's version: a device may have kept an older one */
    public function plan(): array
    {
        return PlanUpgrade::of((array) $this->json('plan'));
    }

    /** @return array<string, int> tags of rows that the page has already */
    public function have(): array
    {
        /** @var list<string> $have */
        $have = $this->validated('have', []);

        return array_flip($have);
    }
}

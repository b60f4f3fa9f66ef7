<?php

declare(strict_types=1);

namespace App\Files;

use Illuminate\Http\JsonResponse;
use RuntimeException;

/** A file has people in it who may be there already. Nothing was taken in; the teacher says who is who. */
final class AsksWhoIsWho extends RuntimeException
{
    /** @param list<array{key: string, name: string, like: list<array{id: int, name: string, groups: list<string>, sameName: bool}>}> $people */
    public function __construct(public readonly array $people)
    {
        parent::__construct('Some of these people may be in Kind Chair already. Please say who is who; nothing was opened yet.');
    }

    public function render(): JsonResponse
    {
        return response()->json(['message' => $this->getMessage(), 'people' => $this->people], 409);
    }

    /** Not an error: a question. */
    public function report(): bool
    {
        return true;
    }
}
